/** The half of the corpus that the reader was written against: a call-out, and what it means as this program writes it. */
export const OPEN_HALF = String.raw`
## order of the parts
socket cap M8 x 30 12.9 => M8 x 30 socket cap screw, 12.9
12.9 M8x30 socket cap screw => M8 x 30 socket cap screw, 12.9
hex bolt 8.8 zinc M10x60 => M10 x 60 hex bolt, 8.8, zinc
M10 hex bolt 8.8 x 60 zinc => M10 x 60 hex bolt, 8.8, zinc
grade 8 3/8-16 x 1-1/2 hex cap screw => 3/8-16 UNC x 1-1/2 hex cap screw, grade 8
hex cap screw 3/8-16 x 1 1/2 grade 8 => 3/8-16 UNC x 1-1/2 hex cap screw, grade 8
3/8-16 hex cap screw x 1-1/2 gr 8 => 3/8-16 UNC x 1-1/2 hex cap screw, grade 8
bolt, hex, M12 x 50, 8.8 => M12 x 50 hex bolt, 8.8
nut, hex, M12, class 8 => M12 hex nut, class 8
stud M12 x 80 8.8 => M12 x 80 stud, 8.8
M16 8.8 hex x 60 => M16 x 60 hex bolt, 8.8
8.8 M8 x 40 => M8 x 40, 8.8

## standards of bolts and screws
ISO 4014 - M12 x 80 - 8.8 => M12 x 80 hex bolt, 8.8
M10 x 40 DIN 933 8.8 => M10 x 40 hex set screw, 8.8, DIN 933
M10 x 80 DIN 931 10.9 => M10 x 80 hex bolt, 10.9, DIN 931
DIN 912 M6 x 20 12.9 => M6 x 20 socket cap screw, 12.9
DIN912 M6x20 A2 => M6 x 20 socket cap screw, A2-70
DIN EN ISO 4762 M8 x 25 8.8 => M8 x 25 socket cap screw, 8.8
EN ISO 4762-M8x25-12.9 => M8 x 25 socket cap screw, 12.9
ISO 10642 M8 x 25 10.9 => M8 x 25 socket countersunk screw, 10.9
ISO 7380 M6 x 12 10.9 => M6 x 12 button head screw, 10.9
ISO 7380-1 M5x10 A2 => M5 x 10 button head screw, A2-70
ISO 7045 M4 x 10 A2 => M4 x 10 pan head screw, A2-70
DIN 7985 M4x10 4.8 zinc => M4 x 10 pan head screw, 4.8, zinc
DIN 965 M5x16 A2 => M5 x 16 cross countersunk screw, A2-70
ISO 7046 M5 x 16 4.8 => M5 x 16 cross countersunk screw, 4.8
DIN 85 M4x8 => M4 x 8 slotted pan head screw
DIN 913 M6 x 8 => M6 x 8 headless set screw flat point
DIN 915 M8x12 => M8 x 12 headless set screw dog point
ISO 4029 M5x6 A2 => M5 x 6 headless set screw cup point, A2-70
ISO 4026-M10x12 => M10 x 12 headless set screw flat point
DIN 551 M5x8 => M5 x 8 slotted headless set screw flat point
DIN 6921 M8x20 8.8 => M8 x 20 flange hex bolt, 8.8
DIN 7984 M8x20 8.8 => M8 x 20 low socket cap screw, 8.8
DIN 975 M10 x 1000 A2 => M10 x 1000 stud, A2-70
ISO 14581 M6x20 A4 => M6 x 20 hexalobular countersunk screw, A4-70
DIN 580 M12 => M12 eye bolt
DIN 444 M10x60 => M10 x 60 eye bolt
DIN 316 M6x20 => M6 x 20 wing screw
ASME B18.5 3/8-16 x 2 => 3/8-16 UNC x 2 carriage bolt
BS 3692 M12 x 60 8.8 => M12 x 60 hex bolt, 8.8
BS 1768 1/2 UNF x 2 grade S => 1/2-20 UNF x 2 hex cap screw, grade S
M8x20 DIN 99999 => ask: DIN 99999

## nuts and washers
M10 full nut => M10 hex nut
M10 full nut gr 8 => M10 hex nut, class 8
M10 nut 8 => M10 hex nut, class 8
DIN 934 M10 8 => M10 hex nut, class 8, DIN 934
DIN 934-M12-10 => M12 hex nut, class 10, DIN 934
M8 nut DIN 934 |8| => M8 hex nut, class 8
DIN 985 M8 A2 => M8 nylon insert nut, A2-70, DIN 985
ISO 7040 M10 8 => M10 nylon insert nut, class 8
DIN 980 M10 10 => M10 all-metal locking nut, class 10
DIN 936 M20 => M20 thin nut
ISO 4035 M10 04 => M10 thin nut, class 04
DIN 1587 M8 A2 => M8 dome nut, A2-70
DIN 929 M8 => M8 weld nut
M12 jam nut zinc => M12 thin nut, zinc
1/2-13 jam nut => 1/2-13 UNC thin nut
1/2 UNC full nut zinc => 1/2-13 UNC hex nut, zinc
3/8 BSW full nut => 3/8-16 BSW hex nut
7/16-20 hex nut grade 5 zinc => 7/16-20 UNF hex nut, grade 5, zinc
3/4-10 heavy hex nut A194 2H => 3/4-10 UNC heavy hex nut, A194 2H
3/4-10 heavy hex nut 2H => 3/4-10 UNC heavy hex nut, A194 2H
5/8-11 A563 DH nut => 5/8-11 UNC hex nut, A563 DH
2BA nut brass => 2 BA hex nut, brass
M10x1.25 nut 10 => M10 x 1.25 hex nut, class 10
M6 nyl insert nut BZP => M6 nylon insert nut, zinc
1/4-20 acorn nut brass => 1/4-20 UNC dome nut, brass
M10 form A washer BZP => M10 flat washer, zinc
ISO 7089 M8 zinc => M8 flat washer, zinc
DIN 127 M10 => M10 spring washer
M12 spring washer galv => M12 spring washer, hot-dip galvanised
DIN 6797 M6 => M6 toothed washer
DIN 25201 M12 => M12 wedge-lock washer
DIN 7603 M14 => M14 copper washer
M14 copper washer => M14 copper washer

## abbreviations of counters
3/8-16x1.25 HHCS GR5 ZP => 3/8-16 UNC x 1-1/4 hex cap screw, grade 5, zinc
8-32 x 3/8 PHMS ZP => #8-32 UNC x 3/8 pan head screw, zinc
6-32 x 1/2 FHMS SS => #6-32 UNC x 1/2 countersunk screw, stainless
M8x40 FT 8.8 => M8 x 40 full thread, 8.8
M12x50 HT set BZP => M12 x 50 hex set screw, 8.8, zinc
M10 x 50 HT hex bolt galv => M10 x 50 hex bolt, 8.8, hot-dip galvanised
M6x20 skt cap 12.9 S/C => M6 x 20 socket cap screw, 12.9, plain
M6x20 soc hd cap scr 12.9 => M6 x 20 socket cap screw, 12.9
M8x12 skt set cup pt => M8 x 12 headless set screw cup point
M5x12 csk cross rec A2 => M5 x 12 cross countersunk screw, A2-70
M6x40 cup sq BZP => M6 x 40 carriage bolt, zinc
5/16-18 x 1 SHCS blk ox => 5/16-18 UNC x 1 socket cap screw, plain
1/2-13x1-1/2 HCS G5 => 1/2-13 UNC x 1-1/2 hex cap screw, grade 5
M8x30 18-8 SHCS => M8 x 30 socket cap screw, A2-70
1/4-20 x 1 18-8 SS hex cap screw => 1/4-20 UNC x 1 hex cap screw, A2-70
M10x40 304 hex bolt => M10 x 40 hex bolt, A2-70
M10x40 316 hex bolt => M10 x 40 hex bolt, A4-70
M10x40 A4-80 hex bolt => M10 x 40 hex bolt, A4-80
M10x40 hex A4 80 => M10 x 40 hex bolt, A4-80
M12x40 hex YZ 8.8 => M12 x 40 hex bolt, 8.8, zinc yellow
3/8 x 2 HT BSF hex => ask: HT
M8x50 SHSS => M8 x 50 shoulder screw
M8x25 CTSK socket 10.9 => M8 x 25 socket countersunk screw, 10.9
M6 x 30 btn hd 10.9 => M6 x 30 button head screw, 10.9
1/4-28 x 1 HHCS 316 => 1/4-28 UNF x 1 hex cap screw, A4-70
M10x60 MS hex BZP => M10 x 60 hex bolt, 4.6, zinc

## tolerance classes
1/2-20 UNF-3A x 2 => 1/2-20 UNF-3A x 2
M10x1.25-6g x 40 8.8 => M10 x 1.25-6g x 40, 8.8
M12-6H nut class 8 => M12-6H hex nut, class 8
3/8-16 UNC 2A x 1 grade 5 hex => 3/8-16 UNC-2A x 1 hex cap screw, grade 5
M8x1-6h x 20 => M8 x 1-6h x 20

## spoken and lettered numbers
five eighths by 11 by 3 => 5/8-11 UNC x 3
M12-1.5 by 60 => M12 x 1.5 x 60
M10 by 40 hex 8.8 => M10 x 40 hex bolt, 8.8
quarter-twenty x 3/4 socket cap => 1/4-20 UNC x 3/4 socket cap screw
five sixteenths unf by one inch hex => 5/16-24 UNF x 1 hex cap screw
three quarter unc by 3 grade 8 => 3/4-10 UNC x 3, grade 8
seven sixteenths by 14 by 2 1/4 grade five => 7/16-14 UNC x 2-1/4, grade 5
ten thirty-two by half inch pan head => #10-32 UNF x 1/2 pan head screw
two BA by half inch cheese head => 2 BA x 1/2 cheese head screw
M8 by thirty socket cap => M8 x 30 socket cap screw
em ten by forty => M10 x 40
half by two => which: 1/2-13 UNC
one inch unc by four => 1-8 UNC x 4
inch and a quarter by seven by five => 1 1/4-7 UNC x 5
half thirteen by two => 1/2-13 UNC x 2
a dozen M6 x 16 button heads => 12 off M6 x 16 button head screw

## decimals, commas, primes and crosses
m10 × 1,25 × 40 => M10 x 1.25 x 40
M10 ✕ 40 => M10 x 40
M10*40 => M10 x 40
M10 X 40MM => M10 x 40
1/2″-13 × 1½″ => 1/2-13 UNC x 1-1/2
1/4''-20 x 1'' => 1/4-20 UNC x 1
M8–1.25×25 => M8 x 25
M8 x 25,5 => M8 x 25.5
Ｍ８×２５ => M8 x 25
M6 x 20. => M6 x 20
(M8 x 25) => M8 x 25
1-1/4"-7 x 4" => 1 1/4-7 UNC x 4
1 1/4-7x4 hex bolt => 1 1/4-7 UNC x 4 hex cap screw
M8 Ø x 30 => M8 x 30

## slips of reading
Ml0 x 40 8.8 => M10 x 40, 8.8
M8 x 3O socket cap => M8 x 30 socket cap screw
M8x l6 => M8 x 16
7/I6-14 x 2 => 7/16-14 UNC x 2
IO off M8 x 20 => 10 off M8 x 20

## quantities
10 off M8 x 20 => 10 off M8 x 20
10 nos M8x20 => 10 off M8 x 20
10pc M8x20 => 10 off M8 x 20
10 each M8x20 => 10 off M8 x 20
qty 10 M8x20 => 10 off M8 x 20
M8x20, 10 off => 10 off M8 x 20
M8x20 10 off => 10 off M8 x 20
M8x20 - 10 off => 10 off M8 x 20
(10) M8x20 => 10 off M8 x 20
M8x20 x10pcs => 10 off M8 x 20
M8x20 8.8 box of 100 => 100 off M8 x 20, 8.8
M6x12 button head 50/pack => 50 off M6 x 12 button head screw
12 M6x16 button head 10.9 => 12 off M6 x 16 button head screw, 10.9
6 x 1/2-13 x 2 hex => 6 off 1/2-13 UNC x 2 hex cap screw
pair of M10x40 studs => 2 off M10 x 40 stud

## studding, pins and plugs
M10 studding 1m => M10 x 1000 stud
M12 threaded rod 1 metre 8.8 => M12 x 1000 stud, 8.8
M16 allthread 1m HDG => M16 x 1000 stud, hot-dip galvanised
1/2-13 all thread rod 3 ft => 1/2-13 UNC x 36 stud
M20 x 150 stud 8.8 => M20 x 150 stud, 8.8
M8 double ended stud x 60 => M8 x 60 stud
dowel pin 6 x 30 => 6 x 30 dowel pin
DIN 7 6 x 30 => 6 x 30 dowel pin
ISO 8734 8x40 => 8 x 40 dowel pin
1/4 x 1 dowel pin => 1/4 x 1 dowel pin
split pin 3.2 x 40 => 3.2 x 40 split pin
cotter pin 1/8 x 1-1/2 => 1/8 x 1-1/2 split pin
spring pin 5x30 => 5 x 30 spring pin
ISO 8752 4x24 => 4 x 24 spring pin
tension pin 4 x 24 => 4 x 24 spring pin
clevis pin 10 x 40 => 10 x 40 clevis pin
1/2 NPT plug => 1/2-14 NPT plug
1/2 NPT hex plug brass => 1/2-14 NPT hexagon plug, brass
3/8 BSPT plug => R 3/8 plug
G 1/2 plug => G 1/2 plug
DIN 908 M14x1.5 => M14 x 1.5 socket plug
M14x1.5 sump plug => M14 x 1.5 plug
M12x1.5 blanking plug => M12 x 1.5 plug
1/8 npt square head plug => 1/8-27 NPT square plug

## left hand
M10 x 40 L.H. => M10 LH x 40
left-hand 1/2-13 x 2 => 1/2-13 UNC LH x 2
1/2-20 UNF LH nut => 1/2-20 UNF LH hex nut
M14x1.5LH x 40 => M14 x 1.5 LH x 40
M8 RH x 30 => M8 x 30

## series first, other signs and families
UNC 1/2-13 x 2 => 1/2-13 UNC x 2
UNF 1/4 x 1 => 1/4-28 UNF x 1
BSW 3/8 x 1-1/4 => 3/8-16 BSW x 1-1/4
1/2 whit x 2 hex bolt => 1/2-12 BSW x 2 hex cap screw
1/2" Whitworth x 2" => 1/2-12 BSW x 2
1/4x20 => 1/4-20 UNC
1/4x20x1 => 1/4-20 UNC x 1
5/16x18x1 grade 8 => 5/16-18 UNC x 1, grade 8
1/4 20 x 1 => 1/4-20 UNC x 1
#10-24x1 flat head => #10-24 UNC x 1 countersunk screw
no 8-32 x 1/2 => #8-32 UNC x 1/2
M10 fine => which: M10 x 1.25
M10 coarse x 40 => M10 x 40
M10 pitch 1.25 x 40 => M10 x 1.25 x 40
M10 P1.25 L40 => M10 x 1.25 x 40
M10x1.25P x 40L => M10 x 1.25 x 40
8mm x 40mm hex bolt => M8 x 40 hex bolt
8 mm hex bolt 40 long => M8 x 40 hex bolt
M8 x 40 lg. => M8 x 40
M8 length 40 => M8 x 40
2BA x 1/2 => 2 BA x 1/2
2 B.A. x 1/2 cheese => 2 BA x 1/2 cheese head screw
0BA x 1 hex => 0 BA x 1 hex cap screw
3/8-24 x 1 => 3/8-24 UNF x 1
3/8 UNF x 1 => 3/8-24 UNF x 1
3/8 NF x 1 => 3/8-24 UNF x 1
3/8 fine x 1 => 3/8-24 UNF x 1
3/8" coarse x 1" => 3/8-16 UNC x 1
7/16 x 14 tpi x 2 => 7/16-14 UNC x 2
7/16 14tpi x 2 => 7/16-14 UNC x 2
M8 x 0.75 x 20 => M8 x 0.75 x 20
M10x40 purple 8.8 => ask: purple
M8 x 40 reduced shank => ask: reduced, shank

## grades
M10x40 cl 8.8 => M10 x 40, 8.8
M10x40 class 8.8 => M10 x 40, 8.8
M10x40 - 10.9 - ZnNi => ask: ZnNi
M10x40 grade 12.9 self colour => M10 x 40, 12.9, plain
1/2-13 x 2 grade 8 yellow => 1/2-13 UNC x 2, grade 8, zinc yellow
3/4-10 x 3 ASTM A490 => 3/4-10 UNC x 3, A490
1-8 x 6 A354 BD hex => 1-8 UNC x 6 hex cap screw, A354 BD
1-8 x 6 A354 grade BC => 1-8 UNC x 6, A354 BC
7/8-9 x 5 B7 stud => 7/8-9 UNC x 5 stud, B7
7/8-9 x 5 stud ASTM A193 grade B7 => 7/8-9 UNC x 5 stud, B7
1/2-13 x 2 F593C hex => 1/2-13 UNC x 2 hex cap screw, F593C
3/8 bsw x 1-1/4 grade R => 3/8-16 BSW x 1-1/4, grade R
M8 x 30 A2/70 => M8 x 30, A2-70
M8 x 30 4.6 black => M8 x 30, 4.6, plain
M8x30 10.9 zinc flake => M8 x 30, 10.9, zinc flake
M8x30 8.8 cad => M8 x 30, 8.8, cadmium
M8 x 30 brass pan => M8 x 30 pan head screw, brass

## with their nuts and washers
M16x60 8.8 with nut class 8 => M16 x 60, 8.8 with M16 hex nut, class 8
M12x50 hex bolt c/w nylon insert nut => M12 x 50 hex bolt with M12 nylon insert nut
1/2-13 x 2 gr 8 with 1/2-13 nut gr 8 => 1/2-13 UNC x 2, grade 8 with 1/2-13 UNC hex nut, grade 8
M12x50 + nut => M12 x 50 with M12 hex nut
M12x50 w/ nut => M12 x 50 with M12 hex nut
M12x50 8.8 bolt/nut => M12 x 50, 8.8 with M12 hex nut
M12x50 8.8 nut and washer => M12 x 50, 8.8 with M12 hex nut and M12 flat washer
M12x50 8.8 with nut and washer => M12 x 50, 8.8 with M12 hex nut and M12 flat washer
M12 x 50 hex bolt, 8.8, c/w nut & 2 washers => M12 x 50 hex bolt, 8.8 with M12 hex nut and 2 off M12 flat washer
M10x40 hex set with flat and spring washers => M10 x 40 hex set screw with M10 flat washer and M10 spring washer
1/2-13 x 2 gr 5 zinc with nylon insert nut, zinc and flat washer, zinc => 1/2-13 UNC x 2, grade 5, zinc with 1/2-13 UNC nylon insert nut, zinc and 1/2-13 UNC flat washer, zinc
M8x30 12.9 shcs + spring washer => M8 x 30 socket cap screw, 12.9 with M8 spring washer
M16x60 8.8 bolt/nut/washer => M16 x 60, 8.8 with M16 hex nut and M16 flat washer
10 off M8x25 8.8 bolts, nuts and washers => 10 off M8 x 25, 8.8 with M8 hex nut and M8 flat washer
M8x25 with washer and clip => ask: clip
`;
