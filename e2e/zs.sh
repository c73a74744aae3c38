for s in 777 888; do node --import tsx zw.ts $s 1500 | grep -E "settled:|wrong:|right:|tests:" | tr -d '\n'; echo; done
