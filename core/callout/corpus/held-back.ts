/** The half of the corpus that was held back, by the hash of each line, until the reader was finished. */
export const HELD_BACK = String.raw`
## order of the parts
M8 x 30 socket cap 12.9 => M8 x 30 socket cap screw, 12.9
12.9 socket cap M8x30 => M8 x 30 socket cap screw, 12.9
zinc 8.8 hex bolt M10 x 60 => M10 x 60 hex bolt, 8.8, zinc
M10 hex bolt 60 long 8.8 zinc => M10 x 60 hex bolt, 8.8, zinc
hex bolt, M10, 60 mm, 8.8, zinc plated => M10 x 60 hex bolt, 8.8, zinc
screw, cap, socket, M6 x 20, 12.9 => M6 x 20 socket cap screw, 12.9
washer, flat, M12, zinc => M12 flat washer, zinc
screw, machine, pan head, #8-32 x 1/2 => #8-32 UNC x 1/2 pan head screw
screw set M8 x 10 cup point => M8 x 10 headless set screw cup point
LH M10 x 40 hex bolt 8.8 => M10 LH x 40 hex bolt, 8.8
M8 x 40 hex 8.8 => M8 x 40 hex bolt, 8.8
M8 8.8 40mm => M8 x 40, 8.8
40 x M8 hex 8.8 => 40 off M8 hex bolt, 8.8

## standards of bolts and screws
ISO 4017 M12 x 80 8.8 => M12 x 80 hex set screw, 8.8
M10x40 DIN933 8.8 ZP => M10 x 40 hex set screw, 8.8, zinc, DIN 933
BS EN ISO 4017 M16 x 50 8.8 HDG => M16 x 50 hex set screw, 8.8, hot-dip galvanised
DIN 7991 M6x16 A2-70 => M6 x 16 socket countersunk screw, A2-70
DIN 963 M4 x 12 brass => M4 x 12 slotted countersunk screw, brass
DIN 84 M3 x 8 brass => M3 x 8 cheese head screw, brass
ISO 1207 M4x12 4.8 => M4 x 12 cheese head screw, 4.8
ISO 1580 M5x10 => M5 x 10 slotted pan head screw
DIN 966 M4x12 A2 => M4 x 12 raised countersunk screw, A2-70
DIN 914 M6x10 => M6 x 10 headless set screw cone point
DIN 916 M8 x 10 => M8 x 10 headless set screw cup point
DIN 603 M8x60 4.6 zinc => M8 x 60 carriage bolt, 4.6, zinc
ISO 7379 M8 x 40 => M8 x 40 shoulder screw
DIN 976-1 M12x200 8.8 => M12 x 200 stud, 8.8
DIN 939 M10x40 8.8 => M10 x 40 stud, 8.8, DIN 939
DIN 961 M12x1.5x40 10.9 => M12 x 1.5 x 40 hex set screw, 10.9, DIN 961
ISO 8765 M16x1.5x80 8.8 => M16 x 1.5 x 80 hex bolt, 8.8
ISO 14583 M5x12 A2 => M5 x 12 hexalobular pan head screw, A2-70
DIN 186 M12x50 => M12 x 50 T-head bolt
ASME B18.2.1 1/2-13 x 2 grade 5 => 1/2-13 UNC x 2 hex cap screw, grade 5
ANSI B18.3 socket head cap screw 1/4-20 x 1 => 1/4-20 UNC x 1 socket cap screw
ASME B18.6.3 pan head 10-32 x 1/2 => #10-32 UNF x 1/2 pan head screw
BS 4190 M16x80 4.6 => M16 x 80 hex bolt, 4.6
BS 4168 M8 x 30 socket cap 12.9 => M8 x 30 socket cap screw, 12.9
JIS B 1176 M6x20 12.9 => M6 x 20 socket cap screw, 12.9
M8x30 ISO 4762/DIN 912 12.9 => M8 x 30 socket cap screw, 12.9
M12x60 ISO4014:2011 8.8 => M12 x 60 hex bolt, 8.8
M8x20 DIN 912 csk => ask: DIN 912
B18.3 1/4-20 x 1 => ask: B18.3

## nuts and washers
M10 hex nut class 10 zinc => M10 hex nut, class 10, zinc
M10 DIN 934 A2 => M10 hex nut, A2-70, DIN 934
ISO 4032-M12-8 => M12 hex nut, class 8
ISO 4032 M16 class 10 zinc => M16 hex nut, class 10, zinc
DIN 985 M8 class 8 zinc => M8 nylon insert nut, class 8, zinc, DIN 985
ISO 7042 M12 class 10 => M12 all-metal locking nut, class 10
DIN 439 M16x1.5 => M16 x 1.5 thin nut
DIN 6923 M8 8 => M8 flange nut, class 8
DIN 935 M20x1.5 => M20 x 1.5 castle nut
DIN 315 M6 => M6 wing nut
DIN 6334 M10 => M10 coupling nut
M12 half nut => M12 thin nut
5/16 UNF nut grade 8 => 5/16-24 UNF hex nut, grade 8
M6 nylon lock nut => M6 nylon insert nut
M8 serrated flange nut => M8 flange nut
M20 LH nut class 8 => M20 LH hex nut, class 8
#10-32 hex nut 18-8 => #10-32 UNF hex nut, A2-70
M8 nut A4-80 => M8 hex nut, A4-80
M10 flat washer => M10 flat washer
DIN 125 M10 A2 => M10 flat washer, A2
ISO 7089-8-200 HV => M8 flat washer, 200 HV
DIN 127B M8 zinc => M8 spring washer, zinc
1/2 flat washer SAE zinc => 1/2-13 UNC flat washer, zinc
M8 split lock washer => M8 spring washer
M10 plain washer 316 => M10 flat washer, A4
M6 washers 200 off => 200 off M6 flat washer
M12 lock nut => ask: lock
M8 penny washer => M8 large washer
DIN 9021 M8 zinc => M8 large washer, zinc
ISO 7093 M6 A2 => M6 large washer, A2

## abbreviations of counters
M8x30 SHCS 12.9 => M8 x 30 socket cap screw, 12.9
1/4-20 x 3/4 SHCS => 1/4-20 UNC x 3/4 socket cap screw
1/2-13 X 2 HHCS GR8 YZ => 1/2-13 UNC x 2 hex cap screw, grade 8, zinc yellow
1/4-20 x 1/2 BHCS => 1/4-20 UNC x 1/2 button head screw
M5x10 BHCS A2 => M5 x 10 button head screw, A2-70
10-32 x 5/8 FHCS => #10-32 UNF x 5/8 socket countersunk screw
M6x16 FHCS 10.9 => M6 x 16 socket countersunk screw, 10.9
M8x40 hex FT 8.8 BZP => M8 x 40 hex set screw, 8.8, zinc
M12x100 hex HT BZP => M12 x 100 hex bolt, 8.8, zinc
M16x60 hex HDG 8.8 => M16 x 60 hex bolt, 8.8, hot-dip galvanised
M8x25 skt csk 10.9 => M8 x 25 socket countersunk screw, 10.9
M8x16 skt button => M8 x 16 button head screw
M8x12 SSS cup => M8 x 12 headless set screw cup point
M10x30 hex hd scr 8.8 => M10 x 30 hex bolt, 8.8
M10x30 hex set 8.8 BZP => M10 x 30 hex set screw, 8.8, zinc
M5x12 csk slot brass => M5 x 12 slotted countersunk screw, brass
M4x10 pan cross BZP => M4 x 10 pan head screw, zinc
1/2-13x1-1/2 hex tap bolt => 1/2-13 UNC x 1-1/2 hex set screw
M10x40 A2 SS hex set => M10 x 40 hex set screw, A2-70
M8x20 s/s pan => M8 x 20 pan head screw, stainless
M12x40 hex ZP => M12 x 40 hex bolt, zinc
M12x40 hex ZYP 10.9 => M12 x 40 hex bolt, 10.9, zinc yellow
M8x50 FHSCS 10.9 => M8 x 50 socket countersunk screw, 10.9
4-40 x 1/4 RHMS => #4-40 UNC x 1/4 round head screw
M8x25 hex hd bolt & nut => M8 x 25 hex bolt with M8 hex nut

## tolerance classes
7/16-14 UNC-2A x 2-1/4 => 7/16-14 UNC-2A x 2-1/4
1/4-20 UNC-2A x 1 SHCS => 1/4-20 UNC-2A x 1 socket cap screw
M10 x 1.5 - 6g x 40 => M10-6g x 40
M10-6g x 40 hex bolt 8.8 => M10-6g x 40 hex bolt, 8.8
1/2-13 UNC-2B nut => 1/2-13 UNC-2B hex nut
M20 x 1.5 6g LH x 50 => M20 x 1.5-6g LH x 50
UNC-2A 1/4-20 x 1/2 => 1/4-20 UNC-2A x 1/2

## spoken and lettered numbers
half inch UNC by 2 => 1/2-13 UNC x 2
half inch unc by two and a half hex bolt => 1/2-13 UNC x 2-1/2 hex cap screw
quarter twenty by one => 1/4-20 UNC x 1
three eighths sixteen by inch and a half => 3/8-16 UNC x 1-1/2
three eighths whit by two => 3/8-16 BSW x 2
eight thirty two by three quarters => #8-32 UNC x 3/4
ten off M8 by 25 => 10 off M8 x 25
two dozen M6 nuts => 24 off M6 hex nut

## decimals, commas, primes and crosses
M10×40 8,8 => M10 x 40, 8.8
M8 х 40 8.8 => M8 x 40, 8.8
½-13 x 1½ => 1/2-13 UNC x 1-1/2
1/2"-13 x 1.5" long, Grade 8 => 1/2-13 UNC x 1-1/2, grade 8
.250-20 x .75 => 1/4-20 UNC x 3/4
0.375-16 x 1.5 SHCS => 3/8-16 UNC x 1-1/2 socket cap screw
M10x1.50x40 => M10 x 40
3/8–16 × 2 1⁄4 => 3/8-16 UNC x 2-1/4
M12 × 1,75 × 50 – 8.8 – zinc => M12 x 50, 8.8, zinc
5/16 in-18 x 1 in => 5/16-18 UNC x 1

## slips of reading
M1O x 40 => M10 x 40
5/l6-18 x 1 => 5/16-18 UNC x 1
I/2-13 x 2 => 1/2-13 UNC x 2
l/4-20 x 1 => 1/4-20 UNC x 1
MlO x 4O => M10 x 40
3/8-l6 x 1-l/2 => 3/8-16 UNC x 1-1/2
M l0 x 40 => M10 x 40
M16 x 6O hex bolt 8.8 => M16 x 60 hex bolt, 8.8
M12 x l.75 x 50 => M12 x 50

## quantities
10off M8x20 hex => 10 off M8 x 20 hex bolt
10 x M8 x 20 => 10 off M8 x 20
10x M8x20 => 10 off M8 x 20
10 no. M8x20 => 10 off M8 x 20
10 pcs M8x20 8.8 => 10 off M8 x 20, 8.8
10 ea M8x20 => 10 off M8 x 20
Qty: 10 M8x20 => 10 off M8 x 20
QTY=10 M8x20 => 10 off M8 x 20
M8x20 qty 10 => 10 off M8 x 20
M8x20 x 10 off => 10 off M8 x 20
M8x20 (10) => 10 off M8 x 20
M8x20 (10 off) => 10 off M8 x 20
M8x20 10 pcs => 10 off M8 x 20
box of 100 M8x20 => 100 off M8 x 20
pack of 50 M6 nuts => 50 off M6 hex nut
4 M12 x 50 hex bolts => 4 off M12 x 50 hex bolt
6 off 1/2-13 x 2 hex => 6 off 1/2-13 UNC x 2 hex cap screw
set of 4 M10x40 => 4 off M10 x 40
1 doz 3/8-16 x 1 hex => 12 off 3/8-16 UNC x 1 hex cap screw
1000 M4 nuts => 1000 off M4 hex nut

## studding, pins and plugs
M10 x 1m studding zinc => M10 x 1000 stud, zinc
M12 threaded bar x 1000 => M12 x 1000 stud
1/2-13 x 36" all-thread rod B7 => 1/2-13 UNC x 36 stud, B7
3/4-10 x 6 stud bolt A193 B7 => 3/4-10 UNC x 6 stud, B7
3/8 BSW studding 1m => 3/8-16 BSW x 1000 mm stud
6x30 dowel => 6 x 30 dowel pin
ISO 2338 6 m6 x 30 => 6 m6 x 30 dowel pin
DIN 94 4x40 A2 => 4 x 40 split pin, A2
taper pin DIN 1 5x40 => 5 x 40 taper pin
DIN 1481 5 x 30 => 5 x 30 spring pin
10 off dowel pin 6x30 => 10 off 6 x 30 dowel pin
1/4 bspp socket plug => G 1/4 socket plug
DIN 910 M16x1.5 => M16 x 1.5 hexagon plug
DIN 906 R 1/4 => R 1/4 socket plug
drain plug M18x1.5 => M18 x 1.5 plug

## left hand
M10 x 40 LH => M10 LH x 40
M12 left hand hex bolt x 50 8.8 => M12 LH x 50 hex bolt, 8.8
9/16-20 cycle LH => 9/16-20 cycle LH
Tr20x4 LH nut => Tr 20 x 4 LH hex nut

## series first, other signs and families
UNC 1/2 x 2 => 1/2-13 UNC x 2
BSF 5/16 x 1 hex => 5/16-22 BSF x 1 hex cap screw
whit 1/2 x 2 => 1/2-12 BSW x 2
1/4 x 20 x 3/4 SHCS => 1/4-20 UNC x 3/4 socket cap screw
1/4 - 20 UNC x 1 => 1/4-20 UNC x 1
10/32 x 1/2 pan => #10-32 UNF x 1/2 pan head screw
8/32 x 3/8 => #8-32 UNC x 3/8
10-24x1 => #10-24 UNC x 1
No. 10-24 x 1 => #10-24 UNC x 1
1/2 gas => which: G 1/2
G 1/2 gas plug => G 1/2 plug
M10 fine pitch 1.25 x 40 => M10 x 1.25 x 40
M10 x 40 pitch 1.25 => M10 x 1.25 x 40
M8 x 40mm lg => M8 x 40
M8 L=40 => M8 x 40
BA 4 x 3/8 => 4 BA x 3/8
1/4 BSF x 1 csk => 1/4-26 BSF x 1 countersunk screw
1/2 BSF nut => 1/2-16 BSF hex nut
3/8 NC x 1 => 3/8-16 UNC x 1
Tr20x4 => Tr 20 x 4
M2.5x6 => M2.5 x 6
M10 x banana => ask: banana
M8x40 wibble head => ask: wibble

## grades
M10x40 property class 10.9 => M10 x 40, 10.9
M10x40 gr8.8 => M10 x 40, 8.8
M10x40 Gr. 8.8 => M10 x 40, 8.8
M10x40-8.8 => M10 x 40, 8.8
M10x40 12.9 => M10 x 40, 12.9
1/2-13 x 2 G8 => 1/2-13 UNC x 2, grade 8
1/2-13 x 2 gr.5 => 1/2-13 UNC x 2, grade 5
1/2-13 x 2 SAE 5 => 1/2-13 UNC x 2, grade 5
1/2-13 x 2 SAE J429 Gr 8 => 1/2-13 UNC x 2, grade 8
1/2-13 x 2 J429 grade 5 => 1/2-13 UNC x 2, grade 5
1/2-13 x 3 stud J429 4 => 1/2-13 UNC x 3 stud, grade 4
3/4-10 x 3 A325 => 3/4-10 UNC x 3, A325
1-8 x 6 A449 => 1-8 UNC x 6, A449
3/8-16 x 2 A307 hex => 3/8-16 UNC x 2 hex cap screw, A307
M8 x 30 A270 => M8 x 30, A2-70
M8 x 30 A4-70 => M8 x 30, A4-70
M8 x 30 14.9 => ask: 14.9
M10x20 grade 9 => ask: grade 9
M8 x 30 8.8 ISO 898-1 => M8 x 30, 8.8
M8x30 10.9 A2K => M8 x 30, 10.9, zinc
M8 x 30 stainless hex => M8 x 30 hex bolt, stainless
M8 x 30 st/st hex => M8 x 30 hex bolt, stainless

## with their nuts and washers
M12x50 hex bolt 8.8 and nut => M12 x 50 hex bolt, 8.8 with M12 hex nut
`;
