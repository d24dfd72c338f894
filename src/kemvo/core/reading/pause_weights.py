"""How much each sign speaks for a pause: its name, its weight, the words it is of. Made by `make pauses`; not to be edited
by hand."""

TABLE = """\
a -0.9 #;corner;floor;hold
a 0.9 NUMBER;becomes;behind;chest;of;past;percent;shoulder-width;them;wall;want;without
a 0.8 a;alongside;onto;stays;the
a -1.0 again;bad;let;let's
a -0.6 ahead;away;bent;but;first;good;monkey;welcome;what's
a -0.8 apart;height;if;movement;shake;until;we;when
a 0.6 are;bow;equal;full;smaller;sorry;try;under;ward
a -1.4 as;now
a -0.7 before;number;punch;should;small;there;those
a 1.3 beside;not
a 0.4 by;even;their
a 1.7 cat;need
a 0.7 change;everything;for;gets;has;he;important;its;no;opposite;own;pointing;slightly;slow;strike;they;through
a 0.7 too;with
a 0.5 done;heal;i'll
a -1.1 end;we're
a 1.1 gentle
a -1.3 inhale
a -0.5 lets;nice;okay;side;top
a -0.3 middle
a 1.0 over;shorter
a -1.2 so
a 1.4 wants
ab -1.3 ACT NUMBER;a FOOT;you're ACT
ab 1.1 ACT across;ACT through;FOOT now;and rest;cloud HAND;for you;in front;on it;out again;out breath;start with
ab 1.1 then SIDE;to it;weight over;your HAND
ab 0.9 ACT along;ACT in;FOOT behind;FOOT straight;NUMBER breaths;SIDE diagonal;and exhale;in NUMBER;not ACT
ab 0.9 that ACT;the door;the floor;to SIDE;we don't;weight even;with it;your breath
ab 0.7 ACT away;FOOT bend;FOOT flat;FOOT forward;FOOT inwards;FOOT okay;NUMBER o'clock;and ACT;are parallel
ab 0.7 begin with;bit so;down flat;first one;in all;is up;it back;on SIDE;out NUMBER;so SIDE;straight ACT
ab 0.7 that way;the chair;the ear;the fridge;to ACT
ab 0.4 ACT forward;SIDE SIDE;SIDE front;SIDE side;and NUMBER;don't ACT;forward SIDE;forward again;percent back
ab -0.5 ACT into;ACT the;FOOT so;SIDE and;a half;a nice;first thing;in now;let them;the water;weight off
ab 0.8 ACT inward;FOOT completely;HAND forward;HAND hanging;SIDE now;a ACT;and out;and punch;doesn't ACT
ab 0.8 exhale ACT;little bit;second FOOT;the heal;you ACT
ab 1.6 ACT me;other SIDE
ab -0.9 ACT one;NUMBER inhale;and you;is down;out FOOT
ab -0.4 ACT slightly;FOOT SIDE;HAND SIDE;bit now;it straight;it yet;you do
ab -0.6 ACT to;ACT your;FOOT can;a small;bit ACT;down now;half ACT;let me;my weight;out now;when you;with an
ab 1.0 ACT together;FOOT through;NUMBER NUMBER;NUMBER one;SIDE corner;front HAND;front corner;in parallel
ab 1.0 it forward;other FOOT;pause here;them in;too far
ab -0.8 ACT too;FOOT and;HAND up;down ACT;is in;it NUMBER;one FOOT;the breath;the last;the second;where it
ab -0.8 your chair
ab -0.7 ACT with;FOOT should;FOOT weight;NUMBER now;SIDE weight;a SIDE;a big;a low;movement NUMBER;number NUMBER
ab -0.7 percent in;small ACT;the FOOT;the HAND;the inhale;the next;then it;you can't;you exhale;your body
ab 1.4 FOOT first;into it;is comfortable;the start;wants to
ab 1.5 FOOT here
ab 1.2 FOOT in;SIDE hip;SIDE in;each FOOT;of you;to you
ab -1.2 FOOT is
ab 1.3 FOOT touching;down first;on top;same weight;side now;then FOOT
ab 0.6 HAND apart;NUMBER more;back wall;breathe in;evenly distributed;half way;horse stance;in half;its FOOT
ab 0.6 keep breathe;need to;no weight;okay ACT;onto it;out SIDE;straight ahead;the mouth;ward off;with SIDE
ab 0.6 you can
ab -1.0 HAND height;and it;as you;straight back;weight in
ab 0.3 NUMBER degrees;is ACT;the body
ab 0.5 SIDE NUMBER;and breathe;and down;back down;becomes ACT;beside SIDE;down again;even up;for that;forward now
ab 0.5 heal ACT;i do;in line;it breathe;my HAND;one o'clock;out behind;that FOOT;that is;to NUMBER;weight forward
ab 0.5 width away;with FOOT
ab -1.1 an ACT
ab -1.4 and again;back ACT
ab 2.1 behind you
ab 0.1 for NUMBER
ab 2.0 it is
ab -2.0 the first
ab 1.9 with you
ab 0.2 you should
abx -0.6 ACT ACT the;ACT SIDE and;ACT off the;ACT up my;FOOT ACT first;FOOT ACT half;FOOT ACT your
abx -0.6 FOOT first weight;FOOT in FOOT;FOOT in half;FOOT now the;FOOT out NUMBER;FOOT out weight
abx -0.6 FOOT together HAND;FOOT up half;SIDE FOOT ACT;SIDE FOOT can;SIDE FOOT out;a small ACT;and ACT all
abx -0.6 and ACT my;and ACT weight;out ACT ACT;shoulder-width width apart;the FOOT are;the SIDE diagonal
abx -0.6 the SIDE hip;the other FOOT;the other side;the side FOOT;them out and;you are ACT;your FOOT and
abx -0.6 your SIDE and;your body weight
abx 0.7 ACT SIDE FOOT;FOOT flat ACT;HAND ACT to;SIDE FOOT we;and ACT ACT;out NUMBER ACT;the FOOT FOOT
abx 0.7 then FOOT ACT;then SIDE ACT;with it ACT
abx -0.4 ACT SIDE so;ACT in and;FOOT ACT with;FOOT in and;FOOT in weight;SIDE FOOT my;as you ACT;in front and
abx -0.4 the body ACT;you ACT ACT
abx 0.5 ACT SIDE the;ACT now the;HAND ACT then;back FOOT and;the floor ACT;then ACT SIDE
abx -0.9 ACT SIDE then;FOOT ACT then;HAND down breathe;SIDE ACT the;SIDE FOOT SIDE;a ACT ACT;a ACT so
abx -0.9 breathe out when;onto it and;the SIDE corner;the SIDE front;the weight ACT;waist SIDE then
abx -0.7 ACT SIDE weight;ACT ahead and;ACT it and;FOOT again and;FOOT down ACT;FOOT out and;SIDE FOOT in
abx -0.7 SIDE corner and;and ACT it;back FOOT the;breathe out the;into it and;the FOOT stay;the corner and
abx -0.7 the first NUMBER;the floor and;the floor if;your SIDE HAND
abx -1.0 ACT back ACT;ACT forward ACT;ACT up breathe;FOOT ACT in;FOOT first and;NUMBER NUMBER degrees
abx -1.0 breathe in when;breathe out and;width apart and;you ACT you
abx 1.0 ACT back FOOT;ACT back the;ACT forward breathe;FOOT ACT FOOT;FOOT down FOOT;NUMBER percent the
abx 1.0 horse stance ACT;the back ACT;to ACT ACT
abx -1.7 ACT back SIDE
abx -0.3 ACT back weight;FOOT ACT and;on it SIDE
abx -0.5 ACT forward and;ACT through ACT;FOOT ACT NUMBER;FOOT ACT up;FOOT flat and;FOOT in front;FOOT out SIDE
abx -0.5 FOOT parallel and;HAND ACT as;a half ACT;and ACT with;front FOOT ACT;let them ACT;my SIDE FOOT
abx -0.5 other side ACT;the SIDE until;the middle and
abx 0.9 ACT it ACT;ACT out and;ACT through FOOT;HAND ACT forward;SIDE FOOT a;SIDE FOOT with;and ACT so;out ACT to
abx 0.9 the side ACT;your SIDE ACT
abx -0.8 ACT it back;ACT up your;HAND ACT breathe;NUMBER ACT SIDE;SIDE FOOT without;i ACT my;let it ACT
abx -0.8 off SIDE ACT;the ACT FOOT;the HAND ACT;the SIDE let;the SIDE now;the SIDE side;the SIDE without
abx -0.8 the side and;ward off SIDE
abx -1.4 ACT out SIDE;FOOT down weight;the SIDE breathe
abx 1.2 ACT up ACT;FOOT up FOOT;SIDE SIDE ACT;and out in;breathe out SIDE;the FOOT now
abx -1.1 ACT up the;NUMBER NUMBER SIDE;and ACT the;brush FOOT SIDE;percent SIDE SIDE;the SIDE FOOT;the SIDE HAND
abx -1.1 your SIDE FOOT
abx -1.2 FOOT NUMBER ACT;SIDE SIDE SIDE;the back FOOT;weight SIDE ACT
abx 0.8 FOOT back SIDE;HAND ACT in;NUMBER degrees the;SIDE FOOT keep;SIDE FOOT so;SIDE FOOT then;SIDE FOOT you
abx 0.8 it ACT SIDE;one FOOT ACT;other FOOT ACT;the FOOT you;the SIDE onto;you ACT NUMBER
abx 0.6 FOOT down and;FOOT first SIDE;HAND down ACT;NUMBER NUMBER ACT;NUMBER seconds ACT;SIDE FOOT over
abx 0.6 back in ACT;in front ACT;out SIDE FOOT;the FOOT as;to ACT and;we ACT ACT;you ACT it
abx 0.4 FOOT first ACT;back SIDE SIDE
abx 1.8 FOOT in the
abx -0.0 FOOT out ACT
abx -1.3 FOOT together and;SIDE FOOT half;the SIDE and;the front FOOT
abx -0.2 SIDE FOOT front
abx 1.1 behind you ACT;to ACT so
abx 1.3 breathe in and
abx 1.5 the FOOT the
any -2.6 *
b 0.8 ACT;arrives;back;closer;forwards;hanging;hip;length;level;light;line;space;stance;times;us;was;way
b 1.6 FOOT;inwards;out;width;work
b 1.0 HAND;across;altogether;around;first;tall;them;time
b 1.5 SIDE;comfortable;diagonal;front;here;section;there
b -2.9 a;so
b -1.3 about;it's;not;okay;only
b -0.7 after;an;are;can't;having;he;how;number;once;small
b 1.2 again;behind;ears;floor;forward;hang;it;mane;parallel;soft;started;stop;up
b 1.3 ahead;breath;crane;ear;flat;instep;middle;sides;solid;wall
b -1.2 all;at;but;from;or;where;without
b 0.9 alongside;backwards;bent;door;high;home;me;pushing;rest;sideways;top
b -4.3 and
b 2.2 apart
b 1.1 arrive;breathe;completely;degrees;even;evenly;lute;north;o'clock;punch;tail;think;walking;wide;wings
b -2.5 as;of
b 1.7 away;down;height;itself
b -1.1 be;because;big;make;our;see;she;they;this;what;while
b -0.8 between;easy;end;feel;finish;has;have;means;next;now;ready;third;torso
b -0.4 bottom;own
b 0.7 bow;direction;else;instead;nose;split
b 2.0 breaths;together
b -1.0 brush;feels;past;single;yes
b -1.5 by;do;don't;keep;no;people
b -0.6 called;doing;got;last;never;pause;position;some;there's;till;whole;you;you've
b 2.1 corner;equally
b 0.6 diagonally;fridge;hips;mouth;seconds;thigh;try;week
b 0.5 distributed;in
b -0.5 double;nice;that;which
b 1.9 east;room;straight
b 0.4 far
b -2.0 for
b -0.9 get;its;like;ok;sure;will;you'll
b -1.4 hold;until;we'll
b -2.4 i;we
b -1.6 i'm;that's;we're;with
b -1.8 if;let;onto
b -1.9 into;is;let's
b -2.2 my
b -2.1 on
b 1.4 outwards;touching;wider
b 1.8 side;yet
b -4.6 the
b -3.0 then
b -2.7 to
b -1.7 when;you're
b -3.3 your
bx 0.8 ACT ACT;ACT last;FOOT NUMBER;FOOT exhale;SIDE onto;SIDE out;back ACT;behind and;down the;east ACT
bx 0.8 evenly ACT;first NUMBER;in now;it for;it to;out in;that for;up FOOT
bx -0.8 ACT NUMBER;ACT down;ACT you're;FOOT again;FOOT stays;FOOT while;SIDE bow;SIDE hip;SIDE let's;both HAND
bx -0.8 breathe out;by ACT;from the;in a;in this;into the;it FOOT;it then;my SIDE;now we're;off SIDE;side FOOT
bx -0.8 straight ahead;the weight;thing ACT;up as;up breathe;up your;waist SIDE;weight now
bx -1.0 ACT SIDE;ACT them;FOOT stay;SIDE as;SIDE then;SIDE without;and ACT;body ACT;bow stance;breath ACT;down as
bx -1.0 half ACT;i'm ACT;in when;out when;over the;side so;then ACT;top ACT;we're ACT;weight back;you're ACT
bx -0.6 ACT a;ACT forwards;FOOT at;FOOT completely;FOOT in;FOOT it's;FOOT on;FOOT which;HAND up;SIDE diagonal
bx -0.6 all the;back then;body weight;cloud HAND;corner ACT;degrees and;down if;forward into;front and;in half
bx -0.6 in let;it over;let's ACT;movement NUMBER;off the;okay ACT;other FOOT;out so;over your;still ACT;they ACT
bx -0.6 together HAND;up from;width away
bx -0.7 ACT across;ACT onto;ACT out;ACT over;ACT through;ACT we're;FOOT for;FOOT forward;FOOT not;FOOT parallel
bx -0.7 HAND are;HAND exhale;HAND look;NUMBER o'clock;NUMBER seconds;SIDE over;a ACT;about NUMBER;both FOOT
bx -0.7 breath in;don't ACT;finish ACT;flat and;floor and;floor if;forward as;forward weight;he ACT;in inhale
bx -0.7 in to;it ACT;more weight;now i;now i'm;number NUMBER;of the;one we;other side;out weight;past the
bx -0.7 small ACT;so ACT;stance SIDE;that the;up my;weight even;weight forward;weight in;with your;you ACT
bx -0.7 you breathe
bx -0.9 ACT all;FOOT ACT;FOOT touching;HAND hold;NUMBER counts;SIDE corner;behind the;bend the;beside the
bx -0.9 forward again;in breath;inhale ACT;it all;let the;my weight;now we;onto the;out NUMBER;stance so;we ACT
bx -0.9 width apart;your SIDE
bx -0.5 ACT around;ACT weight;FOOT pointing;FOOT rest;SIDE now;SIDE so;SIDE until;as the;at the;back so;back to
bx -0.5 be ACT;behind your;down again;middle and;on your;over NUMBER;she ACT;so now;start ACT;were ACT
bx -2.2 ACT back;ACT your;FOOT first
bx 0.5 ACT don't;FOOT i'm;SIDE exhale;SIDE hold;floor ACT;side NUMBER;stance ACT
bx -1.9 ACT forward
bx 0.9 ACT hold;ACT no;FOOT a;FOOT that;FOOT we're;FOOT you;SIDE a;SIDE the;SIDE waist;now with;over and
bx 0.9 through FOOT;way ACT
bx -1.1 ACT into;FOOT only;FOOT up;SIDE front;away from;forward and;in NUMBER;in the;one ACT;to the;together and
bx -1.1 your weight
bx -1.5 ACT it;FOOT now;can ACT;in front;out as;out breath;weight ACT
bx 0.6 ACT make;ACT now;FOOT i;FOOT it;FOOT we;FOOT with;NUMBER HAND;NUMBER now;bit now;comfortable now
bx 0.6 forward ACT;now you;out the;seconds ACT;so let;straight ACT;through SIDE
bx -1.3 ACT my;FOOT are;NUMBER degrees;SIDE side;back FOOT;breathe in;forward now;the SIDE;with the
bx 0.7 ACT okay;ACT we;FOOT finish;FOOT let's;FOOT my;FOOT what;FOOT when;HAND with;SIDE that's;again the
bx 0.7 degrees we;down ACT;forward FOOT;forward the;in SIDE;it with;now FOOT;up HAND
bx -1.8 ACT the;ACT up;NUMBER NUMBER
bx 1.1 ACT then;FOOT let;flat ACT;side the
bx 1.2 FOOT FOOT;SIDE your;behind ACT;front ACT;instead ACT;up so;you and
bx 0.4 FOOT SIDE;beside SIDE;corner NUMBER;in ACT
bx 1.0 FOOT all;FOOT both;SIDE into;across ACT;closer ACT;front the;out now;percent the;up i;weight and
bx -0.4 FOOT down;FOOT is;FOOT okay;FOOT out;FOOT so;as you;corner and;if you;in your;let your;up and
bx 1.3 FOOT no;back the
bx 1.6 FOOT the;FOOT your
bx -1.4 FOOT then;HAND ACT;now ACT;on the;to ACT
bx -1.2 FOOT together;NUMBER percent;down first;i ACT;through the;weight SIDE
bx 1.4 HAND the;degrees the
bx -2.7 SIDE FOOT
bx -2.4 SIDE HAND
bx -0.3 SIDE and;SIDE let
bx -0.2 SIDE no
bx -1.6 behind you;first then;front FOOT
bx 1.7 it the
bx -1.7 side now
bx 1.5 weight the
bxy 0.6 ACT ACT SIDE;ACT and we;ACT weight SIDE;FOOT ACT FOOT;FOOT now ACT;FOOT the front;SIDE ACT through
bxy 0.6 SIDE FOOT are;SIDE the HAND;back and the;out let the;side the SIDE;we ACT back;you ACT SIDE
bxy 0.7 ACT ACT and;ACT out ACT;FOOT ACT NUMBER;FOOT ACT forward;FOOT i ACT;FOOT the HAND;HAND ACT out
bxy 0.7 SIDE ACT forward;back FOOT first;it the SIDE;together ACT the;up i ACT
bxy -0.5 ACT ACT forward;ACT i can;ACT the FOOT;FOOT ACT over;FOOT and SIDE;FOOT back to;FOOT is ACT
bxy -0.5 HAND ACT across;HAND ACT down;SIDE ACT back;SIDE FOOT in;back ACT ACT;flat and ACT;in and ACT;now i'm ACT
bxy -0.5 out NUMBER ACT;there ACT the;we ACT the;you ACT onto
bxy 0.5 ACT ACT it;ACT ACT the;ACT on the;SIDE ACT ACT;degrees ACT the;it ACT SIDE
bxy -0.9 ACT ACT on;ACT that FOOT;ACT the SIDE;ACT the back;FOOT and ACT;FOOT that's the;HAND ACT up;SIDE the SIDE
bxy -0.9 can ACT the;down and ACT;the SIDE FOOT;up SIDE HAND;up breathe in;waist ACT SIDE
bxy 0.9 ACT ACT up;FOOT ACT onto;FOOT down ACT;FOOT the weight;FOOT your weight;HAND ACT your;SIDE ACT to
bxy 0.9 first weight ACT;percent the SIDE;weight ACT the
bxy -2.2 ACT ACT with
bxy -0.4 ACT FOOT together;ACT SIDE HAND;ACT it down;ACT weight back;FOOT ACT off;FOOT don't ACT;SIDE FOOT back
bxy -0.4 in the HAND;in weight SIDE
bxy 1.1 ACT HAND up
bxy -1.0 ACT NUMBER percent;FOOT ACT out;FOOT then ACT;SIDE ACT the;SIDE HAND ACT;SIDE SIDE FOOT;again ACT SIDE
bxy -1.0 corner FOOT first;weight ACT into
bxy -1.5 ACT SIDE ACT
bxy -0.6 ACT all your;ACT your weight;FOOT on the;FOOT that ACT;HAND ACT forward;HAND ACT over;SIDE ACT up
bxy -0.6 SIDE ACT your;SIDE SIDE SIDE;SIDE and i;back ACT SIDE;down FOOT first;half ACT with;in ACT SIDE;in ACT the
bxy -0.6 on the SIDE;over and ACT;to the SIDE;up ACT SIDE;up ACT the;up my SIDE;weight ACT back;weight ACT to
bxy 0.8 ACT and the;ACT as the;ACT back ACT;ACT it ACT;ACT one ACT;FOOT ACT SIDE;FOOT ACT them;FOOT SIDE FOOT
bxy 0.8 FOOT in the;SIDE ACT HAND;SIDE FOOT first;SIDE FOOT on;SIDE and breathe;SIDE onto the;and ACT with
bxy 0.8 back ACT back;back FOOT in;corner ACT the;forward ACT back;in HAND down;it and the;weight the SIDE
bxy 1.0 ACT and then;ACT so you;FOOT ACT the;FOOT NUMBER ACT;HAND the SIDE;forward on the;it with the
bxy -0.7 ACT and you;ACT so ACT;FOOT and breathe;FOOT can ACT;FOOT so ACT;FOOT the SIDE;FOOT then FOOT;FOOT to ACT
bxy -0.7 beside the SIDE;can ACT it;corner and ACT;down breathe out;forward and ACT;forward the SIDE;in ACT it
bxy -0.7 inhale ACT the;into the SIDE;my SIDE FOOT;onto the SIDE;out ACT down;over the SIDE;waist ACT to
bxy -0.7 weight ACT forward;weight ACT onto;your SIDE FOOT
bxy -0.3 ACT as you;SIDE FOOT down;out ACT forward;out ACT up
bxy -0.8 ACT the HAND;ACT your SIDE;FOOT all the;FOOT and let;FOOT so it's;SIDE ACT in;SIDE FOOT ACT
bxy -0.8 SIDE bow stance;forward NUMBER percent;front ACT your;half ACT up;it ACT out;out as you;out when you
bxy -0.8 through and ACT;up ACT it;up half a;up your SIDE;with the SIDE;you ACT on
bxy -1.1 ACT the weight;SIDE ACT SIDE;floor if you
bxy -1.4 FOOT ACT in;SIDE ACT it;SIDE ACT out
bxy 2.0 FOOT ACT into;SIDE FOOT parallel
bxy 1.7 FOOT ACT your
bxy 0.2 FOOT NUMBER percent;SIDE ACT weight
bxy 0.4 FOOT and i;FOOT as you;FOOT in ACT;SIDE weight forward
bxy 0.3 NUMBER ACT back
bxy -1.7 NUMBER ACT your
bxy 1.3 SIDE a ACT
bxy -1.2 back ACT the
bxy 1.2 back so ACT
bxy 1.6 in weight to
bxy 1.4 out ACT back
w -1.8 #
w 0.6 a;fold;hold;on;onto;sideways;stretch;tightrope;to;together;what
w 0.8 about;of;past;than;towards;watch;with
w -0.9 again;bow;degrees;i'm;say;sure;want
w 0.7 an;beside;distance;like;not;pushing;toward;under;wild
w -0.8 apart;here;okay;once;we;whip
w 0.5 behind;can;did;other;single;split;us;yes
w -0.4 belly;try
w 0.4 bend;don't;exhale;same;times;when
w 1.2 between;count;for
w 1.3 by;without
w 1.1 check;hips;long;over
w -0.6 do;forward;guitar;heal;pointing;sorry;that
w 1.0 door;makes;should
w -0.5 equal;i'll;inhale;need;play;tall;we'll
w -0.7 flying;get;keep;o'clock;slightly;there;until;waist;way;while;wrong;yet
w -1.0 last;lose;me
w -1.3 let
w -1.1 let's;so
w -1.5 now
w -1.6 number
w 0.9 shared
w 1.4 where
x 0.9 ACT;feel;wait;we;when
x -1.0 FOOT;across;along;front;inwards;me;one;past;seconds;slightly;tall;under;where;will
x -1.8 a;beside;in;straight;together
x -2.3 about
x -0.9 again;back;backwards;counts;forwards;outward;towards;yourself
x -1.1 ahead;becomes;between;bit;here;till;touching;wall;way
x 1.0 allow;brush;did;grab;movement;never;play;release
x -0.5 alongside;fully;makes;may;pointing;walking
x -0.6 any;bent;brushes;inward;letting;little;one's;passes;thigh;us;was
x -1.4 apart;away;flat;it;width
x -1.2 around;breaths;evenly;has;percent;side;stance;stays;them;thing;wide;yet
x 0.8 arrive;big;equal;even;half;have;having;hips;most;my;only;third;what's
x -1.5 at;degrees;like;over;there
x 0.5 begin;practise;white
x -2.4 behind;onto
x 2.2 breathe;finish
x -1.6 but;round;until;with
x -2.1 by;to
x 1.2 careful;exhale;it's;once;single;today's;you'll
x 0.7 change;give;how;i'll;quarter;think;tidy
x -0.8 completely;diagonal;equally;feels;for;home;instep;level;more;not;o'clock;off;or;rests;shoulder-width;soft
x -0.8 than;toward
x -2.2 corner;is;on
x 1.6 count;i;imagine;keep;pause;stay;that's
x 0.6 do;other;part;people;punch;starting;this;waist;you're
x 1.5 don't;look;there's
x -2.9 down
x -0.7 east;forty-five;gets;its;means;outwards;solid;wider
x 1.4 fold;i'm;keeping;last;let's;she
x -1.3 forward;height;hip;parallel;should;too
x 1.7 get;number;remember;watch;what
x 1.1 he;make;repulse;rest;weight;you've
x 2.0 hold
x 1.9 if;swap
x 2.4 inhale;we'll
x -2.0 into;through;up
x 1.8 let;next;notice;soften;then
x 2.6 now
x -3.3 of
x 3.4 okay
x -2.8 out
x 1.3 repeat;shake;start;stretch;we're
x 0.2 those
xy -0.7 ACT ACT;ACT last;ACT like;ACT so;NUMBER on;NUMBER weight;SIDE NUMBER;along the;i can;i see;is ACT
xy -0.7 shoulder-width width;so it's;stay down;the breath;to NUMBER;to your;toward the;with it
xy 0.7 ACT HAND;ACT SIDE;ACT forwards;ACT it;ACT tall;ACT to;FOOT over;HAND to;and as;and that;and then;as you
xy 0.7 breath out;brush and;do not;last one;now we;part NUMBER;quarter ACT;shake it;shake your;stay there;tidy up
xy 0.7 we'll ACT;without ACT;you'll feel
xy 1.3 ACT NUMBER;FOOT shoulder-width;FOOT together;and back;back FOOT;bend the;first thing;is that;is your
xy 1.3 so now;so we;which FOOT
xy 2.0 ACT a;SIDE so
xy 0.5 ACT about;ACT into;ACT on;ACT onto;ACT slightly;FOOT bend;a ACT;forward onto;have a;have your;it then
xy 0.5 now ACT;she ACT;so i've;so let;soften the;then all;weight into
xy 1.1 ACT all;ACT the;SIDE let's;a lot;be careful;let's ACT;that is;this is;you end;you want
xy 0.6 ACT around;ACT wide;FOOT are;FOOT flat;HAND over;SIDE HAND;and on;back again;back you;forward again
xy 0.6 hips ACT;inhale and;keep breathe;let's have;most of;my back;never ACT;now let;side ACT;start with;the last
xy 0.6 then a;then it;there's a;up ACT;waist SIDE
xy 1.0 ACT body;ACT both;ACT until;NUMBER ACT;SIDE FOOT;and i;doing the;make sure;okay so;pause for;release the
xy 1.0 some of;to finish;up on;weight and
xy 0.8 ACT evenly;ACT me;ACT yourself;FOOT not;HAND look;HAND up;SIDE is;all right;in inhale;it ACT;now the
xy 0.8 now we're;repeat on;so first;weight ACT;weight is;with an;you should
xy -0.6 ACT exhale;ACT if;ACT of;ACT stance;ACT straight;a bit;about NUMBER;again FOOT;and do;and exhale;back down
xy -0.6 behind you;by ACT;if that's;into the;like a;like you're;my body;no weight;on both;on it;only as
xy -0.6 that's your;the other;then to;until the;we are;which is;while the
xy -0.8 ACT first;ACT then;FOOT and;are ACT;beside the;breathe out;first ACT;onto the;the floor;towards the
xy -1.1 ACT hold;ACT you;NUMBER degrees;SIDE SIDE;and NUMBER;in front;now and;of the
xy 0.9 ACT my;HAND are;allow the;and down;and i'm;brush past;can you;get your;he ACT;i'm ACT;keep your;leave the
xy 0.9 next we;on the;one ACT;same on;so from;some people;the next;we start;weight now
xy -0.5 ACT now;and let's;and look;and shake;and up;does the;flat ACT;half a;past the
xy -0.9 ACT together;SIDE corner;SIDE weight;a little;before the;first then
xy 2.2 ACT your
xy 1.2 FOOT of;in breath;let me;think of;when the
xy 1.4 FOOT parallel;and again;and that's;and when;so that's
xy 0.3 HAND ACT;SIDE brush
xy 1.9 NUMBER more;movement NUMBER
xy 0.4 SIDE out;can see;hold that;my weight;we ACT
xy -0.4 all of;first the;you ACT
xy 1.5 and forward;bend your;front FOOT;to get
xy -1.0 and hold;as we;for a;instead ACT;then out
xy 2.1 and now
xy -0.2 and the
xy 1.8 and to;to do
xy -0.3 and your
xy -1.2 as your;can ACT;for NUMBER;that ACT;then forward
xy 1.6 exhale and
xy -2.6 next to
xy -1.4 now so
xy 1.7 number NUMBER
xy -1.3 off the
xy -2.2 so that;to the
xy -1.8 then FOOT
xyz 0.6 ACT ACT and;ACT a bit;ACT ahead and;ACT on to;ACT onto that;ACT onto the;ACT the rear;ACT through the
xyz 0.6 FOOT ACT then;FOOT in line;HAND to your;SIDE HAND ACT;an ACT stance;and ACT NUMBER;and SIDE FOOT
xyz 0.6 and on the;as you inhale;back ACT SIDE;back FOOT out;back to ACT;first SIDE FOOT;forward on the
xyz 0.6 forward onto the;in on the;inhale and ACT;make the SIDE;my SIDE FOOT;the FOOT are;the FOOT don't
xyz 0.6 the SIDE is;the weight has;then ACT back;there's a ACT;to do the;we ACT forward;weight NUMBER NUMBER
xyz 0.6 weight in your;weight over to
xyz 1.6 ACT ACT forward;ACT forward with;to ACT forward
xyz -0.6 ACT ACT on;ACT ACT out;ACT a ACT;ACT forward FOOT;ACT in front;ACT it in;ACT on its;ACT over the
xyz -0.6 ACT through SIDE;ACT through and;ACT up ACT;ACT up half;FOOT ACT ACT;SIDE FOOT and;SIDE FOOT can
xyz -0.6 SIDE FOOT forward;SIDE FOOT through;and ACT #;and ACT with;and the front;back FOOT first;beside the SIDE
xyz -0.6 both FOOT to;i can ACT;it ACT to;leave the FOOT;let your HAND;now the weight;on your SIDE;so ACT SIDE
xyz -0.6 so weight on;then to the;we ACT it
xyz -1.2 ACT ACT the;ACT a little;as the SIDE;next to the
xyz 1.7 ACT ACT with;ACT back on;ACT with your;the ACT is;up ACT the
xyz -0.5 ACT ACT your;ACT forward breathe;ACT them out;FOOT is ACT;SIDE FOOT NUMBER;and ACT behind;and ACT them
xyz -0.5 back ACT into;breathe in and;from the floor;half a ACT;off the floor;so that your;the weight in
xyz -0.5 while the SIDE;your weight on
xyz -0.8 ACT NUMBER ACT;ACT SIDE weight;NUMBER percent the;SIDE FOOT first;and ACT up;and out in;and then out
xyz -0.8 so i can;then ACT SIDE;then ACT out
xyz 0.8 ACT NUMBER is;ACT SIDE and;ACT SIDE on;ACT back weight;ACT it down;ACT out SIDE;ACT out to;ACT that FOOT
xyz 0.8 ACT the waist;FOOT are parallel;NUMBER NUMBER in;SIDE ACT in;SIDE FOOT half;and let it;both FOOT ACT
xyz 0.8 both FOOT the;from the top;if your FOOT;it ACT through;let the breath;repeat on the;so let it
xyz 0.8 start with your;the FOOT do;the body ACT;the weight ACT;we ACT out
xyz 0.7 ACT NUMBER percent;ACT SIDE ACT;ACT forward onto;ACT is the;ACT it with;ACT one NUMBER;ACT round to
xyz 0.7 ACT your ACT;FOOT down weight;FOOT in ACT;FOOT together weight;HAND up breathe;SIDE FOOT back;SIDE HAND up
xyz 0.7 about NUMBER thirds;and ACT forward;and again SIDE;as you do;as you exhale;back ACT forward;brush and ACT
xyz 0.7 my back FOOT;now ACT forward;other side ACT;out to the;shake your FOOT;the waist ACT;then ACT down
xyz 0.7 then the SIDE;weight back to;weight stays on;you can't ACT;you're ACT to
xyz 0.9 ACT SIDE then;ACT a breath;ACT and ACT;ACT down on;FOOT ACT SIDE;FOOT down FOOT;FOOT is down;FOOT out SIDE
xyz 0.9 a ACT with;and then we're;back SIDE SIDE;bend the SIDE;brush past the;half ACT up;in ACT the
xyz 0.9 over NUMBER counts;same on the;the back FOOT;the first ACT;you ACT you
xyz -0.4 ACT across to;FOOT down ACT;HAND down ACT;SIDE FOOT on;and ACT down;and the FOOT;weight back onto
xyz -0.4 with your SIDE;you can ACT
xyz 0.3 ACT all the;the FOOT that's
xyz 0.5 ACT around to;ACT the hips;FOOT up FOOT;SIDE side ACT;again ACT SIDE;and then you;as the weight
xyz 0.5 breath ACT in;first ACT your;forward again onto;i ACT my;if you can't;it's the SIDE;my weight ACT
xyz 0.5 so i've got;soften the FOOT;the HAND ACT;we ACT onto
xyz 0.4 ACT as you;ACT to ACT;NUMBER percent on;SIDE ACT on;back again and;you're ACT the
xyz 1.0 ACT back ACT;ACT back over;ACT in with;ACT out with;ACT out your;FOOT ACT down;SIDE FOOT ACT;and ACT again
xyz 1.0 and ACT and;and then i;breathe in when;don't let the;half ACT with;the weight is
xyz 1.2 ACT back SIDE;ACT down with;ACT through with;ACT up on;ACT up the;FOOT ACT and;FOOT of the;a lot of
xyz 1.2 the ACT FOOT;the SIDE FOOT;the front FOOT;to ACT out
xyz 1.4 ACT back into;ACT back with;ACT in the;ACT up with;ACT with the;FOOT out with;at the end;back FOOT ACT
xyz 1.4 your SIDE FOOT
xyz 1.5 ACT back onto;ACT up your;NUMBER ACT your;bend your FOOT;the FOOT of
xyz -0.7 ACT back so;ACT out again;ACT the ACT;ACT the other;FOOT ACT the;HAND ACT down;NUMBER on the
xyz -0.7 NUMBER percent and;SIDE FOOT touching;and you ACT;and your FOOT;both FOOT on;breathe out #;i ACT the
xyz -0.7 on the floor;over the SIDE;the FOOT and;the weight to;to ACT the;weight ACT forward;weight SIDE weight
xyz -0.7 weight forward SIDE;you ACT forward
xyz -0.9 ACT down first;ACT onto it;NUMBER percent ACT;and ACT into;in the SIDE
xyz 1.1 ACT down into;ACT to your;ACT up tall;FOOT back down;SIDE FOOT straight;all the weight;and ACT my
xyz 1.1 both FOOT bend;breathe in for;down ACT the;on the in;up on the;you end up
xyz 1.3 ACT forward into;ACT them down;FOOT shoulder-width width;HAND ACT up;and to finish;both HAND ACT
xyz 1.3 breathe in as;out ACT the
xyz 1.9 ACT on your;your weight should
xyz -1.1 ACT out ACT;ACT up and;ACT your FOOT;as you ACT;so the FOOT;the FOOT down;with the FOOT
xyz -1.0 ACT out weight;NUMBER NUMBER NUMBER;breathe out SIDE;from the waist;to the SIDE;we ACT back
xyz -1.8 ACT the floor;NUMBER NUMBER degrees;if you can
xyz 1.8 ACT up onto
xyz 0.2 FOOT FOOT FOOT
xyz -1.3 all the way;breathe out now
xyz -0.3 body ACT SIDE
xyz -1.4 breathe out ACT
xyz -1.7 if you need;then the FOOT
xyz -0.2 if your ACT
xyz -2.0 on the FOOT
xyz -2.3 on the SIDE
xyz 2.0 the SIDE HAND
xyz -1.6 with the SIDE
y -1.8 #
y -0.6 SIDE;along;because;but;horse;leave;rest;stays;to;today;walking;whole;wings;with
y 0.9 again;lets;means;teacher;yourself
y 0.6 all;any;does;moment;pause;position;start;we;white;work
y 0.8 an;halfway;last;tall
y -1.2 and;little
y -0.9 apart;beside;don't;hips;if;light;so;stay;their
y 1.1 are;breath;happens;lot;may;should
y 1.4 begin;mistake;thing;this
y -1.1 behind;floor;its;same;width
y -0.8 bit;bow;equal;first;in;only;stretch;them
y -0.7 by;even;front;her;let;next;punch;rests;sorry;straight;touching
y 1.0 careful;finish;sure
y -0.5 check;feel;gentle;make;outward;pushing
y -1.3 degrees;way
y 0.7 diagonally;forget;most;off;one;over;relaxed;river;split;style;that
y -1.0 far;past
y 0.5 full;is
y -0.4 higher;nose
y 1.2 there
y 1.3 we've
y 0.4 when
"""
