"""How much each sign speaks for a pause: its name, its weight, the words it is of. Made by `make pauses`; not to be edited
by hand."""

TABLE = """\
a -1.9 #
a 1.0 NUMBER;slightly
a 0.9 a;beside;chest;its;meet;over;the;wall;want;without
a -1.2 again;let
a -0.6 ahead;apart;did;i;number;should;small;we'll
a 0.7 alongside;are;equal;gets;he;no;of;onto;own;second;smaller;strike;them;walking
a 0.6 an;fridge;i'll;little;section;under;with
a -1.3 as;so
a 0.8 becomes;behind;fall;opposite;past;percent;pointing;same;they;too
a -0.7 bent;body;but;corner;floor;from;hold;monkey;punch;shake
a 0.5 by;done;for;heal;low;stays;their;ward;you'll
a 1.9 cat
a -0.5 degrees;don't;height;o'clock;posture
a -0.9 end;we;what's
a -1.0 if;let's;there;when
a -1.1 inhale;we're
a -0.8 movement;okay;until;welcome;where
a 1.6 need
a 1.3 not;wants
a -1.4 now
a -0.4 off
a 1.2 shorter;slow
a 0.4 your
ab -1.0 ACT NUMBER
ab 0.8 ACT across;ACT inward;FOOT completely;FOOT straight;NUMBER one;SIDE corner;and ACT;and down;are parallel
ab 0.8 bit so;cloud HAND;little bit;straight ACT;the chair;the floor;the fridge;to ACT;too far;way around
ab 0.7 ACT away;FOOT behind;HAND forward;SIDE NUMBER;a ACT;and exhale;and out;and punch;and rest;back down
ab 0.7 back wall;begin with;down flat;even up;in half;in parallel;it breathe;it forward;need to;no weight;on SIDE
ab 0.7 out SIDE;out behind;percent back;so SIDE;that ACT;the ear;to SIDE;weight even;your HAND
ab 1.1 ACT in;FOOT touching;SIDE hip;in NUMBER;it in;of you;same weight;start with;white crane;you ACT
ab -0.5 ACT into;ACT the;FOOT SIDE;FOOT parallel;FOOT so;HAND up;in now;it NUMBER;let me;make sure;my weight
ab -0.5 the top
ab 1.3 ACT me;NUMBER NUMBER;into it;on top;side now;then FOOT;wants to;with you
ab 0.5 ACT north;SIDE SIDE;beside it;forward now;heal ACT;in line;one o'clock;the room;the sides;the windows
ab 0.5 ward off
ab -0.6 ACT now;ACT too;ACT your;FOOT weight;NUMBER now;a SIDE;a nice;a small;and forward;half ACT;is down;is in
ab -0.6 number NUMBER;out now;percent in;small ACT;the FOOT;the next
ab -0.8 ACT one;a low;out FOOT;then it;then you
ab 1.2 ACT through;FOOT in;HAND width;weight over
ab -0.7 ACT to;ACT with;FOOT and;FOOT should;a big;down ACT;movement NUMBER;the last;the water;weight in;when you
ab -0.7 you exhale;your body;your chair
ab 1.0 ACT together;SIDE diagonal;breathe in;exhale ACT;front corner;half way;meet it;other FOOT;out again
ab 1.0 that way;to it
ab 0.3 ACT you;NUMBER percent;and SIDE;first one;you should
ab 1.6 FOOT first;down first;other SIDE
ab -1.3 FOOT is;a FOOT;as you
ab 0.9 FOOT now;NUMBER o'clock;breath out;in front;its FOOT;not ACT;of NUMBER;on it;onto it;out NUMBER;the door
ab 0.9 the heal
ab 0.6 HAND level;SIDE now;a breath;about NUMBER;and NUMBER;and breathe;becomes ACT;do that;down again;for that
ab 0.6 my HAND;okay ACT;one ACT;pause here;then SIDE;to you;which FOOT;with it;you can
ab -0.9 NUMBER ACT;and it;the HAND;the breath
ab 1.5 NUMBER breaths
ab 0.2 NUMBER degrees
ab 0.4 SIDE front;SIDE side;don't ACT;forward SIDE;forward again;is ACT;the body
ab 1.4 SIDE in;behind you;each FOOT;is comfortable;out breath
ab -0.4 a half;it ACT;the way
ab -1.2 an ACT;and you
ab -1.1 and again;you're ACT
ab -1.4 back ACT
ab -0.3 in ACT
ab 2.3 it is
ab -0.2 it out
ab -1.9 the first
abx -0.4 ACT ACT the;ACT in and;SIDE FOOT my;a half ACT;breath in and
abx -0.6 ACT SIDE ACT;ACT away from;ACT off the;FOOT ACT in;FOOT ACT your;FOOT again and;FOOT first then
abx -0.6 FOOT first weight;FOOT out NUMBER;FOOT up and;SIDE FOOT ACT;SIDE corner and;a small ACT;and ACT all
abx -0.6 and ACT my;and it ACT;back FOOT ACT;the SIDE hip;the corner and;the first NUMBER
abx 0.8 ACT SIDE NUMBER;FOOT ACT the;SIDE FOOT keep;SIDE FOOT we;out NUMBER ACT;the FOOT as;the FOOT you
abx 0.8 to ACT ACT
abx -0.8 ACT SIDE and;ACT forward ACT;ACT in the;ACT it and;ACT out SIDE;FOOT ACT and;HAND down breathe
abx -0.8 NUMBER NUMBER degrees;SIDE FOOT out;a ACT ACT;and ACT weight;and you ACT;off SIDE ACT;the SIDE corner
abx -0.8 the SIDE now;the floor if;waist SIDE then;you ACT and;you can ACT
abx 1.0 ACT SIDE the;FOOT ACT FOOT;FOOT down FOOT;other FOOT ACT;the FOOT now;the SIDE the;the side ACT;to ACT so
abx -0.7 ACT SIDE then;ACT up your;FOOT out and;FOOT out weight;HAND ACT breathe;HAND width apart;SIDE ACT the
abx -0.7 SIDE FOOT can;a ACT so;as you ACT;other side ACT;the SIDE front;the SIDE side;the breath ACT;the floor and
abx -0.7 the side and;then you ACT;your SIDE HAND
abx -1.0 ACT SIDE weight;ACT forward and;FOOT NUMBER ACT;FOOT down weight;FOOT together and;SIDE FOOT SIDE
abx -1.0 SIDE FOOT in;breathe out and;breathe out when;brush FOOT SIDE;into it and;percent SIDE SIDE;the HAND ACT
abx -1.0 the SIDE FOOT;your SIDE FOOT
abx -0.9 ACT ahead and;ACT up breathe;FOOT ACT then;FOOT first and;and ACT it;back FOOT the;breathe in when
abx -0.9 let it ACT;onto it and;the SIDE let;the back FOOT
abx -1.1 ACT back ACT;SIDE SIDE SIDE;and ACT the;the SIDE HAND;the SIDE and;width apart and
abx 0.7 ACT back FOOT;HAND ACT to;HAND down ACT;NUMBER degrees the;SIDE FOOT you;back in ACT;behind you ACT
abx 0.7 in front ACT;on it ACT;the SIDE your;your SIDE ACT
abx -1.2 ACT back SIDE;ACT up the;NUMBER NUMBER SIDE;SIDE FOOT half;the front FOOT
abx 1.2 ACT back the;and out in
abx -0.5 ACT in so;ACT it back;FOOT ACT first;FOOT ACT half;FOOT FOOT ACT;HAND ACT as;NUMBER degrees to
abx -0.5 and ACT with;i ACT my;the ACT FOOT;the SIDE diagonal;the SIDE without;the middle and
abx 0.9 ACT it ACT;ACT out and;ACT through FOOT;HAND ACT forward;NUMBER percent the;SIDE FOOT a;SIDE FOOT so
abx 1.6 ACT up ACT
abx -0.2 FOOT down ACT;both FOOT ACT
abx 0.4 FOOT first ACT;back SIDE SIDE
abx 1.8 FOOT in the
abx 1.1 FOOT up FOOT;SIDE SIDE ACT;breathe in and;the FOOT the;the back ACT
abx 0.6 HAND ACT then;NUMBER NUMBER ACT;NUMBER seconds ACT;SIDE FOOT then;and ACT so;the FOOT out;the front the
abx 0.6 then FOOT ACT
abx 0.5 NUMBER ACT the;back FOOT and;in it ACT;the FOOT your;then SIDE ACT;to ACT and
abx -0.3 SIDE FOOT front;your weight ACT
abx 1.3 breathe out SIDE
abx -0.1 on it SIDE
abx -1.3 the SIDE breathe;the weight ACT;weight SIDE ACT
any -2.7 *
b 0.6 ACT;hips;level;today;week
b 1.5 FOOT;SIDE;ahead;comfortable;east;forward;here;outwards;soft
b 1.0 HAND;again;arrives;completely;flat;high;home;line;me;pushing;space;stop;up
b -0.6 NUMBER;an;between;body;called;means;nice;third;till
b -2.8 a
b -1.2 about;but;hold;not;until;we'll;where
b 0.8 across;behind;bent;chest;closer;evenly;forwards;light;north;parallel;rest;solid;them;top;walking
b -0.5 after;how;lesson;next;once;pause;some;sure;water
b -1.3 all;okay
b 1.1 alongside;arrive;breathe;ears;even;hang;mane;punch;stance;tall;wings
b 1.2 altogether;floor;instep;it;seconds;section;tail;think
b -4.3 and;the
b 2.1 apart;corner;equally
b 0.7 around;direction;else;first;fridge;instead;sideways;times;was
b -2.4 as;to
b -1.1 at;big;brush;only;people;she;they
b 1.9 away;breaths;yet
b 0.5 backwards;diagonally;far;feeling;outward;shorter;slightly;time;watch;windows
b -1.0 be;feels;last;ok;or;our;past;this;while;without;yes
b -0.9 because;from;inhale;it's;make;now;single;what
b 0.9 bow;door;hip;length;us;wide;wider
b 1.6 breath;diagonal;sides;together;touching;width
b -1.5 by;don't;no;when;with
b 1.3 degrees;ear;middle;wall
b -1.7 do;if;let's
b 1.4 down;front;height;inwards;o'clock;out
b -0.7 easy;end;finish;get;got;has;have;like;number;small
b -1.8 for;into;let;onto
b -0.8 he;its;ready;see;torso;will
b -2.2 i;on;we
b -1.4 i'm;keep;that's;we're
b -1.6 is;you're
b 1.7 itself;started;there
b -2.0 my
b -2.3 of
b 0.3 percent
b 1.8 room;side;straight
b -3.0 so
b -2.9 then
b -3.1 your
bx 1.0 ACT ACT;ACT hold;FOOT NUMBER;FOOT finish;front the;way ACT
bx -0.9 ACT NUMBER;ACT all;ACT them;FOOT ACT;SIDE as;SIDE corner;SIDE front;forward again;it all;now we;out NUMBER
bx -0.9 out when;over the;that the;top ACT;weight back;you're ACT;your SIDE
bx -1.7 ACT SIDE
bx -2.0 ACT back;ACT your
bx 0.8 ACT don't;FOOT no;HAND with;behind and;down the;east ACT;evenly ACT;first NUMBER;forward FOOT;in now
bx 0.8 now FOOT;out FOOT;over and;that for;up FOOT;weight and
bx -0.6 ACT down;ACT onto;ACT out;ACT over;ACT we're;FOOT on;FOOT out;FOOT over;FOOT parallel;FOOT same
bx -0.6 NUMBER counts;SIDE no;SIDE over;SIDE without;breath in;degrees and;finish ACT;forward as;in a;in half
bx -0.6 in the;in to;it over;let's ACT;more weight;movement NUMBER;next we;past the;side FOOT;so ACT;stance so
bx -0.6 they ACT;weight forward
bx -1.5 ACT forward;ACT up;in front;together and
bx -0.5 ACT forwards;ACT you're;NUMBER seconds;SIDE and;SIDE diagonal;SIDE let's;as the;at the;corner ACT
bx -0.5 degrees to;flat and;it ACT;it back;middle and;she ACT;so now
bx -0.4 ACT in;FOOT so;SIDE is;in this;out weight
bx -0.8 ACT into;FOOT again;FOOT down;FOOT is;FOOT not;FOOT touching;HAND width;SIDE hip;away from;bend the
bx -0.8 body ACT;both HAND;breathe out;by ACT;down as;floor if;forward weight;in NUMBER;into the;it FOOT;it then
bx -0.8 let the;my SIDE;now we're;onto the;straight ahead;the weight;up breathe;weight now;width apart;with your
bx -0.8 you breathe
bx -1.3 ACT it;FOOT then;forward now;front FOOT;now ACT;out as;to ACT;with the
bx 0.9 ACT last;ACT now;FOOT a;FOOT exhale;FOOT we're;SIDE your;closer ACT;down ACT;now with;out in;out now
bx 0.9 percent the;through FOOT
bx -1.2 ACT my;behind you;forward and;half ACT;inhale ACT;on the;the SIDE;through the;weight SIDE
bx 0.6 ACT no;ACT okay;FOOT SIDE;SIDE hold;SIDE that's;bit now;height ACT;in on;it in;it with;seconds ACT
bx 0.6 through SIDE;waist and
bx -0.7 ACT that;ACT through;FOOT at;FOOT for;FOOT only;FOOT rest;FOOT stays;HAND exhale;HAND hold;SIDE bow;a ACT
bx -0.7 about NUMBER;back FOOT;behind the;breath ACT;corner and;floor and;from the;he ACT;in your;my weight;now i
bx -0.7 now i'm;number NUMBER;of the;other side;out so;out to;out with;over your;side so;small ACT;stance SIDE
bx -0.7 there for;up my;up your;weight even
bx -1.9 ACT the;side now
bx 1.1 ACT then;FOOT let;FOOT my;FOOT we;FOOT you;back the;front ACT;it to;side the
bx 1.3 FOOT FOOT;weight the
bx -0.1 FOOT and;back so
bx -1.1 FOOT are;FOOT now;FOOT together;NUMBER degrees;SIDE side;SIDE then;down first;i ACT;one ACT;out breath
bx -1.1 then ACT;thing ACT;to the;your weight
bx -2.3 FOOT first
bx 0.7 FOOT i'm;FOOT let's;NUMBER now;across ACT;forward ACT;in ACT;it for;it you;stance ACT;up hold
bx -1.0 FOOT stay;FOOT up;FOOT while;NUMBER percent;and ACT;beside the;bow stance;breathe in;don't ACT;i'm ACT
bx -1.0 in when;we ACT;we're ACT
bx 1.2 FOOT that;SIDE a;back ACT;up so
bx 1.8 FOOT the
bx 0.5 FOOT when;SIDE waist;corner NUMBER;middle HAND;you and
bx 1.4 FOOT your;HAND the;degrees the
bx -1.4 HAND ACT;NUMBER NUMBER;first then
bx -2.6 SIDE FOOT
bx -2.2 SIDE HAND
bx -0.3 back then
bx 1.5 behind ACT;flat ACT;it the
bx 0.4 beside SIDE;even ACT;out ACT;you the
bx -1.6 can ACT;weight ACT
bxy -0.4 ACT ACT forward;ACT it down;HAND ACT down;first and ACT;in the HAND;up ACT the
bxy 0.5 ACT ACT it;ACT and the;ACT weight SIDE;FOOT ACT SIDE;FOOT ACT them;FOOT ACT with;SIDE waist ACT
bxy 0.5 you ACT SIDE;you and ACT
bxy -0.8 ACT ACT on;ACT NUMBER percent;ACT the back;ACT your SIDE;FOOT ACT in;FOOT ACT off;FOOT and breathe
bxy -0.8 FOOT and let;FOOT that's the;SIDE ACT out;SIDE ACT up;SIDE FOOT ACT;SIDE and i;forward NUMBER percent
bxy -0.8 front ACT your;in ACT the;out as you;out when you;through and ACT;up SIDE HAND;with the SIDE;you ACT on
bxy 0.8 ACT ACT out;ACT and then;ACT both FOOT;ACT it ACT;ACT out ACT;FOOT ACT FOOT;FOOT ACT and;FOOT in the
bxy 0.8 FOOT the weight;SIDE FOOT first;and ACT with;in HAND down;up to ACT
bxy 0.4 ACT ACT the
bxy 0.7 ACT ACT up;FOOT ACT NUMBER;FOOT SIDE FOOT;NUMBER ACT back;NUMBER SIDE FOOT;SIDE ACT forward
bxy 0.7 forward ACT back;forward on the;it the SIDE;out let the;percent the SIDE
bxy -2.2 ACT ACT with
bxy 1.1 ACT HAND up;ACT as the;FOOT ACT onto;SIDE ACT to
bxy 1.2 ACT SIDE FOOT;SIDE ACT HAND;SIDE a ACT;out ACT back
bxy -0.7 ACT all your;ACT the FOOT;FOOT so it's;FOOT then FOOT;FOOT to ACT;HAND and ACT;SIDE ACT into
bxy -0.7 SIDE bow stance;SIDE the SIDE;back ACT SIDE;half ACT up;into the SIDE;onto the SIDE;over and ACT;up half a
bxy -0.7 waist ACT to;your SIDE FOOT
bxy -0.6 ACT and you;ACT the HAND;ACT with your;ACT your weight;FOOT that ACT;HAND ACT forward;SIDE FOOT out
bxy -0.6 behind the SIDE;corner and ACT;forward and ACT;half ACT with;in ACT SIDE;in ACT it;my SIDE FOOT
bxy -0.6 now i'm ACT;over the SIDE;side and ACT;to the SIDE;up ACT SIDE;up ACT it;up your SIDE;weight ACT onto
bxy -0.6 weight ACT to;you breathe in
bxy 1.0 ACT back ACT;FOOT ACT the;FOOT i ACT;first weight ACT;it with the
bxy 0.6 ACT in a;ACT on the;SIDE FOOT HAND;SIDE and let;back ACT your;corner ACT the;it and the;side the SIDE
bxy 0.6 together ACT the;we ACT back;weight the SIDE
bxy 0.9 ACT so you;FOOT ACT forward;FOOT NUMBER ACT;FOOT the HAND;FOOT your weight;HAND ACT out;HAND ACT your
bxy 0.9 HAND the SIDE;SIDE FOOT on;SIDE and breathe;SIDE the HAND;back ACT back;back FOOT in;back and the
bxy -0.9 ACT the SIDE;HAND ACT up;SIDE ACT the;again ACT SIDE;back ACT the;first then the;in and ACT;the SIDE FOOT
bxy -0.9 up breathe in;waist ACT SIDE
bxy -1.0 ACT the weight;FOOT ACT out;FOOT and ACT;FOOT then ACT;SIDE ACT SIDE;SIDE SIDE FOOT;corner FOOT first
bxy -1.0 down and ACT;floor if you;weight ACT back;weight ACT into;you ACT the
bxy 1.9 FOOT ACT into
bxy -0.5 FOOT ACT over;FOOT and SIDE;FOOT on the;FOOT the SIDE;SIDE ACT your;SIDE and as;can ACT the
bxy -0.5 degrees and ACT;flat and ACT;in weight SIDE;on the SIDE;out NUMBER ACT;weight ACT forward
bxy 2.1 FOOT ACT your;SIDE FOOT parallel
bxy -1.3 NUMBER ACT your
bxy 0.3 SIDE ACT ACT;SIDE ACT weight
bxy -1.1 SIDE ACT it;SIDE HAND ACT
bxy -0.3 SIDE FOOT back
bxy 1.4 in weight to
x 0.9 ACT;even;grab;make;no;rest;stretch;what
x -1.2 FOOT;across;apart;away;flat;hip;round;there;under
x -1.6 a;straight;through;together
x -2.2 about;into
x -0.8 again;breaths;equally;forwards;toward
x -0.9 ahead;back;becomes;between;completely;front;here;inwards;level;rests;slightly;tall;till;touching;wall
x 0.7 allow;arrive;big;change;cloud;did;equal;most;punch;watch;you'll
x -1.0 along;evenly;has;past;percent;thing;too;way;wide;will;yet
x 0.4 and
x -1.3 are;at;degrees;like;over;where;width
x -0.7 around;backwards;bent;home;letting;me;more;outward;soft;towards;yourself
x -0.4 as
x 0.5 begin;it's;other;posture;practise;wrong
x -2.1 behind;in;is;on
x -1.7 beside
x -1.1 bit;height;it;parallel;should;side;stance;stays;them
x 2.0 breathe;finish;hold
x 1.3 brush;get;once;single
x -0.6 brushes;check;counts;diagonal;feels;for;forty-five;inward;one's;outwards;seconds;solid;without
x -1.5 but
x -1.9 by;up;with
x 1.4 careful;count;imagine;look;repeat;when
x -1.8 corner;to;until
x 1.7 don't;stay
x 0.6 double;i'll;waist;you've
x -2.8 down
x 1.1 exhale;he;my;people;weight;what's
x 1.5 fold;last;notice
x -1.4 forward
x 0.8 half;have;quarter;white
x 1.8 i;if;keep;let;that's
x 1.6 i'm;let's;pause;remember;she
x 2.2 inhale
x -0.5 long;makes;one;our;passes;wider
x 1.0 movement;play;release;think;we;we're
x 1.2 never;repulse;shake;start;there's;wait
x 1.9 next;number;soften;swap
x 2.7 now
x -3.1 of
x 3.5 okay
x -2.3 onto
x -2.7 out
x 2.1 then
x 0.3 those
x 2.3 we'll
xy 1.5 ACT NUMBER;ACT your;FOOT parallel;so now;to do
xy 1.0 ACT SIDE;ACT to;SIDE FOOT;let me;pause for;release the;to finish;you'll feel
xy 1.8 ACT a
xy 0.7 ACT all;ACT around;ACT onto;FOOT flat;FOOT under;HAND over;HAND up;SIDE let's;and that;back you;breath out
xy 0.7 brush and;forward again;get the;inhale and;it then;last one;now ACT;shake it;she ACT;so we;stay there
xy 0.7 the first;we ACT;weight is
xy -0.8 ACT as;ACT so;ACT then;ACT you;HAND width;a little;and your;as i;as we;into the;onto the;so it's;stay down
xy -0.8 the floor;then out;which is
xy 0.9 ACT both;ACT into;FOOT not;HAND are;HAND to;NUMBER inhale;allow the;and i;back again;brush past;do not
xy 0.9 feel that;hips ACT;i'm ACT;in breath;let's ACT;make sure;now the;okay and;on the;one ACT;part NUMBER
xy 0.9 repeat on;so from;up on;you're on
xy 1.1 ACT evenly;FOOT of;a lot;and down;and that's;and when;back FOOT;breathe in;can you;okay so;same on;that is
xy 1.1 weight and;you want
xy -0.6 ACT exhale;ACT keep;ACT stance;a bit;all of;and do;and feel;and rest;before the;breathe out;by ACT;half a
xy -0.6 i can;no weight;that's your;toward the;while the
xy -1.1 ACT first;NUMBER degrees;SIDE ACT;that ACT;then forward
xy 0.5 ACT forwards;FOOT over;SIDE brush;get your;inhale ACT;start with;the front;which FOOT
xy -0.9 ACT hold;SIDE weight;and NUMBER;for a;in front;of the;to your
xy 0.6 ACT i;ACT it;FOOT bend;and then;doing the;in a;never ACT;now i'm;now we;out to;play the;side ACT;so let
xy 0.6 then it;there's a;we do;we're ACT;what i;you've got
xy -0.7 ACT if;ACT like;ACT together;FOOT and;beside the;first then;is ACT;so ACT;towards the
xy -0.5 ACT last;NUMBER on;NUMBER weight;and look;and shake;and up;back down;becomes ACT;behind you;if you're
xy -0.5 like you're;the breath;you ACT;you breathe
xy 0.8 ACT my;ACT the;ACT yourself;FOOT are;HAND look;SIDE HAND;first thing;he ACT;it ACT;it's the;most of
xy 0.8 next we;now we're;quarter ACT;the next;waist SIDE;we start;we'll ACT;weight ACT
xy -0.4 ACT now;then SIDE
xy 0.4 ACT on;a ACT;have your
xy 1.4 FOOT HAND;is that
xy 1.3 FOOT together;NUMBER ACT;and back;and i'm;as you;is your;so that's
xy 0.2 HAND ACT
xy 1.7 NUMBER more;SIDE so;and now;exhale and;front FOOT;this is
xy 0.3 SIDE and;my weight
xy 1.2 and again;bend your
xy -1.0 and exhale;and hold
xy 1.6 and forward;bend the
xy -0.2 and the
xy 1.9 and to;number NUMBER
xy -1.2 as your;now and
xy -1.3 can ACT;for NUMBER;now so
xy 2.0 movement NUMBER
xy -2.2 next to
xy -1.4 off the
xy -2.1 so that
xy -1.8 then FOOT
xy -2.0 to the
xyz -0.8 ACT ACT SIDE;ACT ACT on;ACT ACT your;ACT NUMBER ACT;ACT from the;ACT out ACT;SIDE FOOT first;and then out
xyz -0.8 and your FOOT;as the SIDE;breathe out SIDE;let your HAND;weight ACT forward
xyz 0.4 ACT ACT and;ACT onto the
xyz 1.2 ACT ACT forward;ACT to your;ACT up tall;FOOT ACT SIDE;FOOT back down;bend your FOOT;it's the SIDE
xyz 1.2 up ACT the;weight to the
xyz -1.5 ACT ACT the;ACT the floor;breathe out ACT;if you need
xyz 1.5 ACT ACT with;ACT back with;ACT out with;your SIDE FOOT
xyz 0.8 ACT NUMBER is;ACT down on;ACT that FOOT;ACT up on;ACT with the;FOOT in ACT;FOOT together weight
xyz 0.8 HAND up breathe;SIDE ACT on;SIDE FOOT back;a ACT with;and let it;and then i;as you exhale;as you inhale
xyz 0.8 bow stance NUMBER;breathe in when;from the top;my back FOOT;out ACT the;so let it;the FOOT of
xyz 0.8 the first ACT;the front FOOT;the waist ACT;weight NUMBER NUMBER;weight in the
xyz 0.9 ACT SIDE and;ACT a breath;ACT down into;ACT in with;ACT it forward;ACT to ACT;FOOT are parallel
xyz 0.9 SIDE FOOT half;SIDE FOOT straight;back SIDE SIDE;bend the SIDE;brush past the;repeat on the;up on the
xyz 0.9 your weight is
xyz 1.1 ACT SIDE then;ACT back ACT;ACT back over;ACT on to;ACT the waist;ACT them down;FOOT of the;HAND ACT up
xyz 1.1 a lot of;and ACT again;breathe in as;half ACT with;over NUMBER counts;same on the;your SIDE HAND
xyz -0.6 ACT SIDE weight;ACT it in;ACT now the;ACT them out;NUMBER percent back;SIDE FOOT through;and ACT #
xyz -0.6 and out in;and you ACT;from the waist;half a ACT;i ACT the;i can ACT;in the SIDE;into the SIDE
xyz -0.6 most of your;off the floor;on the floor;on your SIDE;onto the SIDE;the FOOT and;then ACT out;to ACT the
xyz -0.6 we ACT the
xyz 0.6 ACT a big;ACT back weight;ACT the SIDE;ACT through the;ACT up breathe;FOOT up FOOT;HAND to your
xyz 0.6 NUMBER percent on;SIDE FOOT becomes;SIDE HAND ACT;SIDE HAND brushes;about NUMBER thirds;again ACT SIDE
xyz 0.6 allow the SIDE;an ACT stance;and ACT back;and then you;and we're ACT;forward again onto;from the ACT
xyz 0.6 i ACT my;into it ACT;now ACT forward;now we're ACT;other side ACT;so ACT the;weight onto the
xyz 0.6 weight stays on;with the weight
xyz 0.7 ACT a bit;ACT a half;ACT one NUMBER;ACT out to;FOOT ACT then;FOOT out NUMBER;NUMBER thirds of;and ACT out
xyz 0.7 as you do;back ACT SIDE;back FOOT out;back to ACT;breathe out as;brush and ACT;forward on the
xyz 0.7 forward onto the;if your FOOT;in ACT the;inhale and ACT;it ACT out;it ACT through;let the breath
xyz 0.7 out to the;start with your;the FOOT are;the FOOT don't;weight back to;you ACT onto;you're ACT to
xyz -0.9 ACT a little;ACT out weight;ACT through SIDE;ACT up and;NUMBER NUMBER NUMBER;and ACT into;and ACT with
xyz -0.9 breathe in and;next to the;so i can;we ACT back;weight SIDE weight;weight on both
xyz 0.5 ACT all your;ACT out SIDE;ACT the body;ACT the weight;SIDE FOOT is;SIDE and SIDE;SIDE side ACT;a ACT to
xyz 0.5 and ACT forward;and SIDE FOOT;breath ACT in;get your weight;i want you;then the SIDE
xyz 1.3 ACT back SIDE;ACT back into;ACT forward into;FOOT ACT down;NUMBER ACT your;and to finish;the ACT FOOT
xyz 1.3 the SIDE FOOT;the weight is
xyz -0.3 ACT back and;and breathe out
xyz 1.6 ACT back on;ACT back onto;ACT in the;back FOOT ACT;both HAND ACT
xyz -0.5 ACT back so;ACT down and;ACT forward FOOT;ACT on its;FOOT ACT ACT;FOOT ACT the;FOOT is ACT;NUMBER on the
xyz -0.5 SIDE FOOT NUMBER;and ACT them;and the front;beside the SIDE;breathe out #;from the floor;so that your
xyz -0.5 so weight on;the weight to;with your SIDE
xyz -0.7 ACT down first;ACT onto it;ACT up ACT;ACT weight SIDE;HAND ACT down;NUMBER percent ACT;NUMBER percent and
xyz -0.7 NUMBER percent the;SIDE FOOT and;SIDE FOOT touching;and the FOOT;you ACT forward
xyz 1.0 ACT down with;ACT it with;ACT out your;ACT those FOOT;ACT through with;FOOT HAND width;FOOT down weight
xyz 1.0 FOOT is down;SIDE FOOT ACT;and ACT and;and ACT my;and then we're;as the weight;the back FOOT
xyz 1.0 the weight ACT
xyz 1.9 ACT forward with
xyz 1.4 ACT it down;ACT up onto;ACT up with;ACT with your;FOOT ACT and;all the weight;at the end;to ACT out
xyz 1.8 ACT on your;ACT up your;the ACT is
xyz 1.7 ACT up the
xyz -1.0 ACT your FOOT;and ACT SIDE;and ACT up;as you ACT;so the FOOT;to the SIDE
xyz 0.3 FOOT FOOT FOOT
xyz -1.7 NUMBER NUMBER degrees;if you can
xyz -1.2 all the way
xyz -1.4 breathe out now
xyz -1.8 on the FOOT
xyz -2.0 on the SIDE
xyz -0.4 one NUMBER percent;the FOOT down;white crane ACT
xyz 2.1 the SIDE HAND
xyz -1.6 then the FOOT
xyz -1.1 with the FOOT;with the SIDE
y -1.9 #
y -0.6 SIDE;be;bow;check;front;half;her;higher;leave;let;next;slightly;today;wings
y -0.8 about;hips;rest;same;their
y 0.8 again;any;end;halfway;over;pause;was
y 0.7 all;diagonally;did;may;nothing;share;white
y 0.9 an;breath;how;one;sure;that
y -1.1 and;behind;floor;little
y -0.9 apart;beside;its;light;past
y 1.3 are;begin;thing
y -0.7 bit;by;equal;even;rests;see;sorry;stay;stretch
y 0.6 body;easy;i;lesson;moment;of;off;river;show;start;we;when;your
y -0.5 but;horse;punch;pushing;stays
y 1.5 careful
y -1.2 degrees;so;straight;way
y -1.0 don't;okay;to;width
y 0.5 everything;forwards;is;most;some;that's
y -0.4 far
y 1.4 finish
y -1.3 in
y 1.1 lot;yourself
y 1.6 should;this
y 1.2 there
"""
