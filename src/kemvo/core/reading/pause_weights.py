"""How much each sign speaks for a pause: its name, its weight, the words it is of. Made by `make pauses`; not to be edited
by hand."""

TABLE = """\
a -0.9 #;floor;hold;inhale
a 0.9 NUMBER;becomes;heal;of;onto;past;wall;want;without
a 0.7 a;clock;do;everything;ex;for;gets;he;important;its;no;opposite;own;pointing;strike;the;too;under
a -1.0 again;bad;let;let's
a -0.6 ahead;bent;but;good;monkey;welcome
a 0.8 alongside;behind;chest;has;percent;shoulder-width;slightly;slow;stays;them;through
a -0.8 apart;corner;height;if;movement;shake;should;until;we;when
a 0.6 are;change;done;equal;full;mind;smaller;sorry;they;try;ward;with
a -1.3 as
a 1.1 beside;gentle;over
a 1.2 bow
a 0.4 by;even;their
a 1.8 cat
a -1.2 end;so
a -0.4 first
a 0.5 i'll
a -0.5 lets;okay;side;top;what's
a -0.3 middle
a 1.7 need
a 1.3 not
a -1.5 now
a -0.7 punch;small;there;those
a 1.0 shorter
a 1.4 wants
a -1.1 we're
ab -1.1 ACT NUMBER;FOOT is
ab 1.1 ACT across;FOOT now;SIDE in;for you;front corner;in front;out again;out breath;pause here;start with
ab 1.1 then SIDE;weight over;your HAND
ab 0.8 ACT along;ACT itself;FOOT behind;FOOT completely;HAND forward;HAND hanging;NUMBER one;SIDE diagonal
ab 0.8 SIDE now;are parallel;doesn't ACT;exhale ACT;little bit;no weight;second FOOT;the ear;the heal;you ACT
ab 0.7 ACT away;ACT inward;FOOT bend;FOOT flat;FOOT forward;FOOT inwards;SIDE NUMBER;and ACT;and out;and punch
ab 0.7 begin with;bit so;breathe in;down flat;ex exhale;in all;in half;it back;onto it;so SIDE;straight ACT
ab 0.7 straight ahead;that way;the chair;the door;the fridge;to ACT;too far
ab 0.5 ACT forward;FOOT through;and breathe;and down;back down;back wall;don't ACT;down again;even up;for NUMBER
ab 0.5 forward now;i do;in line;it breathe;out behind;percent SIDE;percent back;weight forward;width away
ab 0.5 with FOOT;you should
ab 1.0 ACT in;ACT together;NUMBER breaths;SIDE corner;and rest;cloud HAND;front HAND;in parallel;it forward
ab 1.0 out NUMBER;that ACT;the floor;them in;with it;your breath
ab -0.5 ACT into;ACT the;FOOT so;HAND exhale;a half;again ACT;and now;bit ACT;in now;is right;let them;the water
ab -0.5 weight off;with an;you do
ab 1.6 ACT me;FOOT here;other SIDE
ab -0.9 ACT one;ACT too;HAND height;NUMBER inhale;one FOOT;straight back;the last
ab -0.6 ACT slightly;ACT to;ACT your;FOOT can;a nice;a small;down now;first thing;it NUMBER;let me;out now
ab -0.6 percent in;the HAND;the out;then it;when you
ab 0.4 ACT through;NUMBER degrees;SIDE SIDE;SIDE front;SIDE side;that FOOT;you can
ab -0.7 ACT with;FOOT SIDE;FOOT and;FOOT weight;HAND up;NUMBER now;SIDE weight;a SIDE;a big;and you;half ACT
ab -0.7 is forward;movement NUMBER;my weight;small ACT;the FOOT;the breath;the inhale;the next;you can't
ab -0.7 you exhale;your body
ab 1.4 FOOT first;into it;wants to
ab 1.2 FOOT in;FOOT touching;SIDE hip;and exhale;down first;each FOOT;is comfortable;on it;to it;to you
ab -0.4 FOOT should;bit now;it yet
ab 0.9 FOOT straight;a ACT;horse stance;not ACT;other FOOT;to SIDE;we don't;weight even
ab 0.2 FOOT up
ab 0.6 HAND apart;NUMBER more;NUMBER o'clock;and NUMBER;beside SIDE;beside it;evenly distributed;for that
ab 0.6 forward again;half way;is up;its FOOT;keep breathe;need to;okay ACT;out SIDE;that is;to NUMBER;ward off
ab 0.6 with SIDE
ab 1.7 NUMBER NUMBER
ab -1.2 a FOOT;an ACT
ab -0.8 a low;and it;brush FOOT;is down;is in;number NUMBER;out FOOT;the second;where it;your chair
ab -1.4 and again
ab -1.0 as you;weight in
ab -1.5 back ACT
ab 2.2 behind you
ab 0.3 forward SIDE;is ACT;the body
ab 1.3 in NUMBER;of you;on top;same weight;side now;the start;then FOOT
ab 1.9 it is;with you
ab -1.9 the first
ab -1.3 you're ACT
abx 0.7 ACT SIDE FOOT;FOOT ACT into;FOOT flat ACT;HAND ACT to;SIDE FOOT we;back in ACT;the FOOT FOOT;the SIDE onto
abx 0.7 then SIDE ACT;to ACT and;we ACT ACT
abx -0.6 ACT SIDE and;ACT off the;ACT up my;FOOT ACT first;FOOT ACT half;FOOT ACT your;FOOT in half;FOOT out NUMBER
abx -0.6 FOOT together HAND;FOOT up half;SIDE FOOT can;SIDE FOOT out;a small ACT;and ACT all;and ACT my;and it ACT
abx -0.6 into it and;shoulder-width width apart;the FOOT are;the SIDE diagonal;the other FOOT;the other side
abx -0.6 the out breath;the side FOOT;them out and;you are ACT;your FOOT and;your body weight
abx -0.4 ACT SIDE so;ACT back weight;FOOT ACT and;FOOT ACT forward;FOOT ACT with;SIDE FOOT ACT;SIDE FOOT SIDE
abx -0.4 SIDE FOOT for;as you ACT;in front and;the body ACT;the middle and
abx 0.6 ACT SIDE the;FOOT down and;FOOT first SIDE;HAND ACT then;HAND down ACT;NUMBER NUMBER ACT
abx 0.6 NUMBER seconds ACT;SIDE FOOT over;SIDE FOOT so;in front ACT;other FOOT ACT;out SIDE FOOT;the FOOT SIDE
abx 0.6 the FOOT as;then ACT SIDE;with it ACT;you ACT it
abx -0.7 ACT SIDE then;ACT SIDE weight;ACT ahead and;ACT it and;ACT through ACT;FOOT again and;FOOT down ACT
abx -0.7 FOOT first weight;FOOT now the;FOOT out and;FOOT out weight;SIDE FOOT without;SIDE corner and;and ACT it
abx -0.7 back FOOT the;breathe out the;it out and;the ACT FOOT;the FOOT stay;the HAND exhale;the SIDE hip
abx -0.7 the corner and;the first NUMBER;ward off SIDE;your SIDE HAND;your SIDE and
abx -1.1 ACT back ACT;ACT forward ACT;ACT out SIDE;ACT up the;and ACT the;the SIDE FOOT;the SIDE HAND
abx -1.1 your SIDE FOOT
abx 1.4 ACT back FOOT
abx -1.7 ACT back SIDE
abx 1.0 ACT back the;ACT forward breathe;FOOT ACT FOOT;FOOT down FOOT;NUMBER percent the;SIDE FOOT a;and out in
abx 1.0 horse stance ACT;the FOOT now;the back ACT;to ACT ACT
abx -0.8 ACT down and;ACT it back;ACT up your;FOOT ACT then;HAND ACT breathe;NUMBER NUMBER weight;SIDE FOOT in
abx -0.8 SIDE again ACT;and ACT weight;let it ACT;off SIDE ACT;the HAND ACT;the SIDE side;the SIDE without
abx -0.8 the floor and;the floor if;the side and;waist SIDE then
abx -0.5 ACT forward again;ACT forward and;ACT in and;ACT it in;FOOT ACT up;FOOT flat and;FOOT in and;FOOT in front
abx -0.5 FOOT in weight;FOOT out SIDE;FOOT parallel and;HAND ACT as;a half ACT;and ACT with;and you ACT
abx -0.5 breath in and;for NUMBER seconds;let them ACT;my SIDE FOOT;other side ACT;out ACT ACT;the SIDE until
abx -0.5 the first ACT
abx 0.9 ACT it ACT;ACT out and;FOOT together FOOT;HAND ACT forward;HAND ACT in;SIDE FOOT with;one FOOT ACT
abx 0.9 out ACT to;the side ACT;to ACT so;you ACT NUMBER
abx 0.5 ACT now the;down first ACT;the HAND the
abx 0.8 ACT through FOOT;FOOT back SIDE;NUMBER degrees the;SIDE FOOT keep;SIDE FOOT then;SIDE FOOT you;and ACT ACT
abx 0.8 and ACT so;back FOOT and;it ACT SIDE;out NUMBER ACT;the FOOT you;then FOOT ACT;your SIDE ACT
abx 1.1 ACT up ACT;FOOT up FOOT;SIDE FOOT you're;behind you ACT;breathe in and
abx -0.9 ACT up breathe;FOOT ACT in;FOOT NUMBER ACT;SIDE ACT the;a ACT ACT;a ACT so;breathe out when
abx -0.9 brush FOOT SIDE;i ACT my;onto it and;the SIDE corner;the SIDE front;the SIDE let;the SIDE now
abx -1.4 FOOT down weight;the SIDE and;the SIDE breathe
abx -1.2 FOOT first and;percent SIDE SIDE
abx 1.8 FOOT in the
abx -0.0 FOOT out ACT
abx -1.3 FOOT together and;NUMBER NUMBER SIDE;SIDE FOOT half;SIDE SIDE SIDE;the back FOOT;the front FOOT
abx -1.3 weight SIDE ACT
abx -1.0 HAND down breathe;NUMBER NUMBER degrees;breathe in when;breathe out and;the weight ACT;width apart and
abx -1.0 you ACT you
abx -0.2 SIDE FOOT front;on it SIDE
abx 1.2 SIDE SIDE ACT;the SIDE your
abx 0.4 back SIDE SIDE
abx 1.3 breathe out SIDE
abx 1.6 the FOOT the
abx -0.1 your weight ACT
any -2.6 *
b 0.7 ACT;closer;direction;hip;instead;light;nose;seconds;space;split;us
b 1.5 FOOT;front;height;itself;there;width
b 1.0 HAND;altogether;around;clock;completely;degrees;door;even;punch;tall;walking;wide
b -0.7 NUMBER;after;an;are;can't;got;how;last;never;number;once;pause;position;small;whole;you;you've
b 1.4 SIDE;diagonal;ear;here;outwards;section;touching
b -3.0 a;so;then
b -1.3 about;all;at;big;from;or;our
b 0.9 across;alongside;back;backwards;bent;home;me;pushing;sideways;them;through;time
b 1.2 again;behind;breath;breathe;crane;forward;hang;middle;sides;started;wall
b 1.3 ahead;flat;floor;instep;mane;solid;wider
b -4.5 and
b 2.2 apart
b 1.1 arrive;ears;evenly;first;it;lute;north;o'clock;parallel;soft;stop;tail;think;up;wings;write
b 0.8 arrives;hanging;high;length;line;parry;rest;top;was;way
b -2.5 as;of;we
b 1.7 away;yet
b -1.1 be;but;make;she;they;this;what;while
b -1.0 because;brush;ok;okay;past;single;yes
b -0.5 beside;bottom;does;double;own;which
b -0.9 between;easy;feels;get;has;have;its;like;sure;will;you'll
b 0.6 bow;else;forwards;fridge;slightly;thigh;times;try;week
b 1.9 breaths;room
b -1.6 by;keep;that's
b -0.6 called;doing;each;nice;some;that;there's;till
b 1.8 comfortable;east;side;straight;together
b 2.0 corner
b 0.5 diagonally;distributed;hips;in
b -1.5 do;don't;hold;no;not;until
b 1.6 down;inwards;out;work
b -0.8 end;feel;finish;having;he;means;next;now;ready;should;third;torso
b 2.1 equally
b -2.0 for;into;is
b -2.4 i
b -1.7 i'm;we're;when;with
b -1.9 if;let's;onto
b -1.4 it's;only;people;we'll
b -1.8 let;you're
b -2.2 my;on
b -1.2 see;where;without
b -0.4 stretch
b -4.6 the
b -2.7 to
b -3.4 your
bx 0.7 ACT ACT;ACT now;ACT we;FOOT finish;FOOT i;FOOT onto;FOOT we;FOOT what;FOOT when;HAND with;SIDE onto
bx 0.7 SIDE that's;degrees we;down ACT;evenly ACT;forward the;in SIDE;in now;it for;now FOOT;out breathe
bx -0.9 ACT NUMBER;ACT all;NUMBER counts;SIDE corner;behind the;bend the;breath in;by ACT;it all;my weight
bx -0.9 onto the;out NUMBER;waist SIDE;we ACT;weight in;width apart;your SIDE
bx -1.5 ACT SIDE;ACT it;HAND ACT;NUMBER NUMBER;breathe in;can ACT;in front;now ACT;out as;weight ACT
bx -0.5 ACT a;ACT around;ACT in;FOOT rest;FOOT which;HAND on;NUMBER seconds;SIDE so;SIDE until;as the;at the
bx -0.5 back to;behind your;down if;exhale ACT;exhale and;forward onto;let your;okay so;on your;she ACT;so now
bx -0.5 stance SIDE;were ACT
bx -0.7 ACT across;ACT out;ACT over;ACT through;ACT you're;FOOT at;FOOT forward;FOOT parallel;HAND are;HAND look
bx -0.7 SIDE as;SIDE over;about NUMBER;back then;beside the;both FOOT;don't ACT;finish ACT;flat and;forward as
bx -0.7 forward when;he ACT;in my;in to;it ACT;long breath;more weight;now i;now i'm;number NUMBER;of the;off SIDE
bx -0.7 off the;one we;other side;out weight;over your;past the;small ACT;so ACT;stance so;still ACT;that the
bx -0.7 there for;they ACT;up as;up breathe;up my;weight even;you breathe
bx -2.3 ACT back;ACT your
bx 0.5 ACT don't;back NUMBER;comfortable now;middle HAND;side NUMBER
bx -1.9 ACT forward
bx -0.6 ACT forwards;ACT we're;FOOT completely;FOOT for;FOOT it's;FOOT not;FOOT on;FOOT pointing;HAND exhale
bx -0.6 HAND up;NUMBER o'clock;SIDE diagonal;SIDE now;all the;back into;back so;be ACT;body weight;cloud HAND
bx -0.6 corner ACT;degrees and;down again;forward into;front and;in half;in let;it over;let's ACT;movement NUMBER
bx -0.6 other FOOT;out so;start ACT;that ACT;together HAND;up from;width away
bx 0.9 ACT hold;ACT last;ACT no;FOOT SIDE;FOOT exhale;FOOT you;SIDE a;SIDE waist;now with;out in;together FOOT
bx -0.8 ACT into;ACT onto;FOOT again;FOOT in;FOOT stays;FOOT while;SIDE bow;SIDE hip;SIDE let's;a ACT;both HAND
bx -0.8 breathe out;floor and;floor if;forward again;forward weight;from the;in a;in this;into the;it FOOT;it then
bx -0.8 my SIDE;now we;now we're;side FOOT;straight ahead;the weight;thing ACT;up your;weight forward;weight now
bx -0.8 with your;you ACT
bx 0.6 ACT make;FOOT i'm;FOOT it;FOOT let's;FOOT with;NUMBER HAND;NUMBER back;NUMBER now;SIDE hold;beside SIDE
bx 0.6 bit now;first NUMBER;first the;forward ACT;it with;now you;out the;seconds ACT;so let;stance ACT
bx 0.6 straight ACT
bx -1.4 ACT my;on the;to ACT
bx 0.8 ACT okay;FOOT NUMBER;FOOT a;FOOT that;SIDE out;back ACT;behind and;door ACT;down the;east ACT;forward FOOT
bx 0.8 it to;over and;parry and;that for;through FOOT;up FOOT;up HAND;way ACT
bx -1.7 ACT the;first then;side now
bx -1.0 ACT them;FOOT ACT;FOOT only;FOOT stay;FOOT touching;HAND hold;NUMBER percent;SIDE front;SIDE without
bx -1.0 and ACT;body ACT;bow stance;breath ACT;down as;i'm ACT;in when;inhale ACT;let the;out when;side so
bx -1.0 we're ACT;you're ACT
bx 1.0 ACT then;FOOT all;FOOT both;FOOT we're;SIDE into;SIDE the;across ACT;closer ACT;front the;out now
bx 1.0 percent the;up i;weight and;write ACT
bx -1.8 ACT up
bx 1.2 FOOT FOOT;behind ACT;instead ACT
bx -1.3 FOOT are;FOOT then;SIDE side;i ACT;the SIDE;with the
bx -0.4 FOOT down;FOOT is;FOOT out;SIDE and;SIDE let;as you;corner and;if you;in your;middle and;up and
bx -2.2 FOOT first
bx 1.1 FOOT let;FOOT you're;flat ACT;front ACT;side the;you and
bx 1.3 FOOT no;back the;degrees the;up so
bx -1.6 FOOT now;behind you;front FOOT;through the
bx 1.7 FOOT the
bx -1.2 FOOT together;NUMBER degrees;back FOOT;down first;forward now;in NUMBER;in the;one ACT;out breath
bx -1.2 weight SIDE
bx -1.1 FOOT up;SIDE then;away from;forward and;half ACT;in inhale;over the;then ACT;to the;together and;top ACT
bx -1.1 weight back;your weight
bx 1.4 FOOT your;HAND the;it the
bx -2.7 SIDE FOOT
bx -2.4 SIDE HAND
bx 0.1 SIDE NUMBER
bx 0.4 SIDE exhale;corner NUMBER
bx -0.3 SIDE no;back and
bx 1.5 weight the
bxy 0.6 ACT ACT SIDE;ACT and we;FOOT ACT NUMBER;FOOT ACT on;FOOT the front;SIDE ACT through;SIDE and let
bxy 0.6 SIDE the HAND;back FOOT first;by ACT on;it ACT SIDE;out let the;side the SIDE;we ACT back;you ACT SIDE
bxy 0.7 ACT ACT and;ACT out ACT;FOOT ACT FOOT;FOOT ACT forward;FOOT ACT them;FOOT down ACT;FOOT now ACT
bxy 0.7 FOOT onto the;FOOT the HAND;HAND ACT out;SIDE ACT forward;SIDE onto the;back FOOT in;in HAND down
bxy 0.7 it and the;together ACT the
bxy -0.4 ACT ACT forward;ACT FOOT together;ACT i can;ACT it down;FOOT ACT off;FOOT ACT over;FOOT and SIDE
bxy -0.4 SIDE FOOT back;SIDE FOOT the;in ACT SIDE;in ACT the;in the HAND;out ACT forward
bxy 0.5 ACT ACT it;ACT ACT the;ACT on the;FOOT as you;SIDE FOOT are;degrees ACT the;up the FOOT
bxy -0.6 ACT ACT on;ACT all your;ACT the FOOT;ACT weight back;FOOT all the;FOOT on the;FOOT that ACT;FOOT the FOOT
bxy -0.6 HAND ACT forward;SIDE ACT back;SIDE ACT up;SIDE SIDE SIDE;SIDE and i;back ACT SIDE;down FOOT first
bxy -0.6 forward the SIDE;in ACT it;my SIDE FOOT;on the SIDE;out ACT it;over and ACT;to the SIDE;up ACT SIDE
bxy -0.6 up my SIDE;weight ACT onto
bxy 1.0 ACT ACT up;ACT and then;ACT so you;HAND ACT your;HAND the SIDE
bxy -2.1 ACT ACT with
bxy 1.1 ACT HAND up;FOOT ACT onto;FOOT ACT the;FOOT NUMBER ACT
bxy -1.0 ACT NUMBER percent;ACT the back;FOOT ACT out;SIDE ACT the;SIDE HAND ACT;SIDE the SIDE;up ACT it
bxy -1.0 waist ACT SIDE
bxy -1.2 ACT SIDE ACT;ACT the weight;SIDE ACT SIDE;back ACT the
bxy 0.9 ACT SIDE FOOT;FOOT your weight;SIDE ACT to;first weight ACT;forward on the;it with the;percent the SIDE
bxy -0.5 ACT and exhale;FOOT back to;FOOT is ACT;HAND ACT over;SIDE FOOT in;back ACT into;beside the SIDE
bxy -0.5 flat and ACT;in weight SIDE;now i'm ACT;out NUMBER ACT;there ACT the;we ACT the;weight ACT SIDE
bxy -0.5 you ACT onto;you breathe in
bxy 0.8 ACT and the;ACT as the;ACT back ACT;ACT it ACT;ACT one ACT;ACT the ACT;FOOT ACT SIDE;FOOT i ACT
bxy 0.8 FOOT in the;FOOT the weight;NUMBER SIDE FOOT;SIDE ACT HAND;SIDE FOOT first;SIDE FOOT on;SIDE and breathe
bxy 0.8 and ACT with;back ACT back;corner ACT the;forward ACT back;up i ACT;weight the SIDE
bxy -0.7 ACT and you;ACT your weight;FOOT and breathe;FOOT can ACT;FOOT the SIDE;FOOT then FOOT;FOOT to ACT
bxy -0.7 SIDE ACT into;SIDE as the;can ACT it;corner and ACT;forward and ACT;half ACT up;half ACT with;in and ACT
bxy -0.7 into the SIDE;onto the SIDE;out as you;over the SIDE;up your SIDE;waist ACT to;weight ACT back
bxy -0.7 weight ACT forward;weight ACT to;you ACT on;your SIDE FOOT
bxy -0.3 ACT as you;FOOT don't ACT;SIDE FOOT down;out ACT up
bxy 0.4 ACT down ACT;ACT weight SIDE;FOOT and i;FOOT in ACT;SIDE weight forward;back and the
bxy -0.9 ACT that FOOT;ACT the HAND;FOOT and ACT;FOOT that's the;FOOT then ACT;SIDE FOOT ACT;SIDE SIDE FOOT
bxy -0.9 SIDE weight on;corner FOOT first;down and ACT;the SIDE FOOT;up SIDE HAND;up breathe in
bxy -1.1 ACT the SIDE;floor if you;through and ACT;weight ACT into
bxy -0.8 ACT your SIDE;FOOT and let;FOOT so ACT;FOOT so it's;HAND ACT up;SIDE ACT in;SIDE bow stance;back ACT ACT
bxy -0.8 can ACT the;forward NUMBER percent;front ACT your;inhale ACT the;it ACT out;out ACT down;out when you
bxy -0.8 up half a;with the SIDE
bxy -1.4 FOOT ACT in;NUMBER ACT your
bxy 1.8 FOOT ACT into;FOOT ACT your
bxy 0.2 FOOT NUMBER percent;SIDE ACT ACT
bxy -1.5 SIDE ACT it
bxy -1.3 SIDE ACT out
bxy 0.1 SIDE ACT weight
bxy 2.0 SIDE FOOT parallel
bxy 1.3 SIDE a ACT
bxy 1.2 back so ACT;weight ACT the
bxy 1.5 in weight to
bxy 1.4 out ACT back
w -1.8 #
w 0.7 a;beside;door;like;on;pushing;tightrope;to;toward;under;what;wild
w 0.8 about;an;past;than;towards;with
w -0.9 again;bow;degrees;i'm;want;we
w 0.6 along;distance;fold;gone;hold;not;onto;or;sideways;single;stretch;together
w -0.8 apart;okay;say;slightly;sure;until;way;whip
w 0.5 at;behind;bend;can;did;into;other;same;split;us;yes
w -0.4 belly
w 1.2 between;for;over
w 1.3 by;without
w 1.1 check
w 1.6 count
w -0.7 do;flying;forward;get;here;i'll;lot;once;waist;we'll;yet
w 0.4 don't;times
w -0.5 equal;need;play;sorry;tall;try
w 0.9 exhale;of;watch
w -0.6 heal;keep;o'clock;pointing;there;while;wrong
w 1.0 hips;long;makes;shared;should
w -1.0 last;lose;me;so
w -1.2 let
w -1.1 let's
w -1.4 now
w -1.6 number
w 0.3 when
w 1.4 where
x 0.9 ACT;allow;brush;movement;my;needle;release;wait;we;when
x -1.0 FOOT;across;along;front;inwards;past;percent;tall;under;where;will
x -1.8 a;beside;straight;together
x -2.3 about;corner;is;onto
x -0.9 again;back;backwards;counts;equally;forwards;level;one;seconds;towards;yourself
x -1.1 ahead;becomes;between;bit;breaths;here;me;slightly;till;touching;wall;way
x -0.5 alongside;fully;makes;walking
x -0.7 any;east;forty-five;gets;more;o'clock;one's;outwards;solid;was
x -1.4 apart;away;hip;parallel;there;width
x -1.2 around;evenly;has;side;stays;them;thing;wide;yet
x 0.7 arrive;give;half;how;quarter;tidy;what's
x -1.5 at;degrees;flat;in;like;over
x 0.5 begin;hips;people;practise;starting;white
x -2.4 behind
x -0.6 bent;brushes;for;inward;its;letting;light;little;means;passes;pointing;thigh;us;wider
x 0.8 big;equal;even;ex;have;having;most;only;second;third
x 2.2 breathe
x -1.6 but;round;until;with
x -2.1 by
x 1.1 careful;he;make;once;repulse;rest
x -0.8 completely;diagonal;feels;home;instep;not;off;or;outward;rests;shoulder-width;soft;than;toward
x 1.6 count;number;stay;that's
x 1.0 did;feel;grab;never;play;think;you've
x 0.6 do;i'll;other;part;this;waist
x 1.5 don't;i;imagine;pause;there's
x -3.0 down
x 1.2 exhale;it's;single;we're;weight
x 2.1 finish
x 1.4 fold;i'm;keeping;last;let's;look
x -1.3 forward;height;it;should;stance;too
x 1.7 get;keep;remember;soften;watch
x 2.0 hold
x 1.9 if;swap
x 2.3 inhale;we'll
x -2.0 into;through;to;up
x 1.8 let;next;notice;then;what
x 2.6 now
x -3.3 of
x 3.1 okay
x -2.2 on
x -2.9 out
x 1.3 repeat;shake;she;start;stretch;today's;you'll
xy 0.7 ACT HAND;ACT forwards;ACT tall;FOOT over;HAND to;HAND up;and as;and then;as you;back again;brush and
xy 0.7 forward again;hips ACT;inhale and;last one;now we;okay so;part NUMBER;quarter ACT;shake it;shake your
xy 0.7 stay there;tidy up;waist SIDE;we'll ACT;weight ACT;without ACT;you'll feel
xy 1.3 ACT NUMBER;ACT all;FOOT shoulder-width;back FOOT;first thing;is that;so from;so now;so that's;so we
xy 0.8 ACT SIDE;ACT evenly;ACT into;ACT it;ACT me;ACT to;ACT yourself;FOOT not;HAND look;SIDE is;all right
xy 0.8 and that;breath in;ex exhale;he ACT;it ACT;next we;now the;now we're;repeat on;so first;the next
xy 0.8 weight now
xy 2.0 ACT a
xy 0.5 ACT about;ACT slightly;ACT wide;FOOT bend;a ACT;and keep;down ACT;forward onto;have a;have your;it then
xy 0.5 keep breathe;now ACT;okay and;she ACT;so i've;so let;soften the;then all
xy 0.6 ACT around;FOOT are;FOOT flat;HAND over;SIDE HAND;and on;do not;inhale ACT;let's have;most of;my back
xy 0.6 now let;side ACT;the last;then a;then it;then we;there's a;up ACT
xy 0.9 ACT body;ACT my;ACT you're;HAND are;SIDE FOOT;allow the;and down;and i'm;brush past;doing the;get your
xy 0.9 i'm ACT;keep your;one ACT;same on;some people;we start;weight and;with an
xy 1.1 ACT both;SIDE let's;a lot;be careful;can you;let me;let's ACT;think of;weight is;you end;you want
xy -0.6 ACT exhale;ACT if;ACT keep;ACT of;ACT so;ACT stance;ACT straight;NUMBER one;a bit;about NUMBER;again FOOT
xy -0.6 and do;and up;back down;behind you;by ACT;i can;if that's;like a;like you're;my body;no weight;on both
xy -0.6 on it;only as;onto the;that's your;the other;then to;until the;we are;while the
xy -0.8 ACT first;ACT then;FOOT and;SIDE weight;are ACT;beside the;it's not;so it's;the breath;the floor;to NUMBER
xy -0.8 towards the
xy -1.1 ACT hold;ACT you;of the;that ACT
xy -0.7 ACT last;ACT like;ACT now;NUMBER on;SIDE NUMBER;along the;i see;is ACT;shoulder-width width;stay down
xy -0.7 to your;toward the;with it
xy 0.3 ACT on;hold that;my weight
xy 1.0 ACT the;ACT until;NUMBER ACT;NUMBER i;and i;breath out;in breath;leave the;make sure;on the;pause for
xy 1.0 release the;some of;to finish;up on;you should
xy -0.9 ACT together;SIDE corner;a little;and NUMBER;as we;before the;breathe out;first ACT;first then;half a
xy 2.2 ACT your
xy 1.2 FOOT of;and back;bend the;that is;when the
xy 1.4 FOOT parallel;FOOT together;and again;and that's;is your;which FOOT
xy 0.2 HAND ACT
xy -1.2 NUMBER degrees;as your;can ACT;for NUMBER;then forward
xy 1.8 NUMBER more;and now;and to;number NUMBER
xy -1.0 SIDE SIDE;and hold;for a;instead ACT;now and;then out
xy 0.4 SIDE brush;can see;start with;we ACT;weight into
xy 2.1 SIDE so
xy -0.5 all of;and let's;and look;does the;first the;past the;then SIDE;which is
xy -0.2 and exhale
xy 1.6 and forward;and when;exhale and
xy -0.4 and shake;into the;you ACT
xy -0.1 and the
xy -0.3 and your;so let's;where your
xy 1.5 bend your;front FOOT;this is;to get
xy -1.3 in front;off the
xy 1.7 in inhale
xy 1.9 movement NUMBER;to do
xy -2.6 next to
xy -1.4 now so
xy -2.3 so that
xy -1.8 then FOOT
xy -2.2 to the
xyz 0.3 ACT ACT and
xyz 1.2 ACT ACT forward;ACT down with;ACT through with;ACT up on;ACT up tall;ACT up the;FOOT ACT and;FOOT of the
xyz 1.2 SIDE FOOT straight;a lot of;all the weight;breathe in for;the SIDE FOOT;the front FOOT;the rear FOOT
xyz 1.2 the waist ACT;to ACT out
xyz -0.8 ACT ACT on;ACT NUMBER ACT;ACT SIDE weight;ACT down first;ACT on its;ACT the ACT;HAND ACT down
xyz -0.8 SIDE FOOT first;and ACT up;and out in;and then out;the FOOT and;the weight to;then ACT SIDE;then ACT out
xyz -0.8 weight ACT forward;weight forward SIDE
xyz -0.7 ACT ACT out;ACT ACT your;ACT back so;ACT the other;FOOT ACT the;NUMBER on the;NUMBER percent and
xyz -0.7 SIDE FOOT through;and you ACT;and your FOOT;both FOOT on;breathe out #;on the floor;to ACT the
xyz -0.7 weight NUMBER percent;weight SIDE weight;you ACT forward
xyz -1.7 ACT ACT the
xyz 1.3 ACT ACT with;ACT back SIDE;ACT forward into;ACT them down;FOOT shoulder-width width;HAND ACT up
xyz 1.3 and to finish;back FOOT ACT;both HAND ACT;breathe in as;out ACT the
xyz 0.7 ACT NUMBER is;ACT NUMBER percent;ACT SIDE and;ACT it with;ACT on both;ACT on to;ACT one NUMBER
xyz 0.7 ACT round to;ACT through the;ACT your ACT;FOOT down weight;FOOT in ACT;NUMBER thirds of;SIDE FOOT back
xyz 0.7 SIDE HAND up;SIDE the SIDE;about NUMBER thirds;and ACT forward;and again SIDE;as the weight;as you do
xyz 0.7 back ACT forward;back FOOT out;both FOOT the;brush and ACT;inhale and ACT;make the SIDE;my SIDE FOOT
xyz 0.7 my back FOOT;out to the;shake your FOOT;start with your;the FOOT are;the FOOT don't;then the SIDE
xyz 0.7 to do the;weight NUMBER NUMBER;you can't ACT
xyz 0.6 ACT SIDE ACT;ACT a bit;ACT ahead and;ACT now ACT;ACT the hips;FOOT ACT then;FOOT in line
xyz 0.6 FOOT together weight;HAND up breathe;an ACT stance;and ACT NUMBER;and on the;and then you;back ACT SIDE
xyz 0.6 back onto the;back to ACT;bow stance NUMBER;first SIDE FOOT;forward again onto;forward on the
xyz 0.6 forward onto the;inhale as you;it's the SIDE;let's ACT it;let's do that;soften the FOOT;the SIDE is
xyz 0.6 the weight has;there's a ACT;we ACT forward;weight back to;weight in your;you're ACT the
xyz 0.8 ACT SIDE on;ACT and ACT;ACT forward onto;ACT onto that;ACT out SIDE;ACT that FOOT;ACT the waist
xyz 0.8 FOOT are parallel;FOOT down FOOT;NUMBER NUMBER in;NUMBER NUMBER on;SIDE ACT in;SIDE FOOT half;and let it
xyz 0.8 as you exhale;both FOOT ACT;down ACT and;from the top;it ACT through;let the breath;now ACT forward
xyz 0.8 other side ACT;over NUMBER counts;repeat on the;so let it;the FOOT do;the body ACT;the weight ACT
xyz 0.8 we ACT out;you're ACT to
xyz 0.9 ACT SIDE then;ACT a breath;ACT back weight;ACT down on;ACT it down;ACT out to;ACT with the;FOOT ACT SIDE
xyz 0.9 FOOT out SIDE;a ACT with;and then we're;back SIDE SIDE;bend the SIDE;breathe in when;brush past the
xyz 0.9 down ACT the;in ACT the;same on the;the back FOOT;the first ACT;the weight is;weight stays on;you ACT you
xyz 0.9 your SIDE HAND
xyz -0.5 ACT a ACT;ACT forward breathe;SIDE FOOT forward;SIDE FOOT on;and ACT #;and ACT on;and ACT them
xyz -0.5 back ACT into;both FOOT to;from the floor;off the floor;onto the FOOT;the weight in;while the SIDE
xyz -1.2 ACT a little;as the SIDE;next to the;so the FOOT
xyz -0.4 ACT across to;ACT them out;FOOT down ACT;FOOT is ACT;FOOT out ACT;SIDE FOOT weight;and the FOOT
xyz -0.4 body ACT SIDE;weight back onto;with your SIDE;you can ACT
xyz 0.5 ACT around to;FOOT up FOOT;HAND to your;NUMBER percent on;SIDE HAND ACT;SIDE side ACT;again ACT SIDE
xyz 0.5 and ACT back;and ACT out;as you inhale;back again and;breath ACT in;first ACT your;if you can't
xyz 0.5 my weight ACT;on the other;so i've got;we ACT onto
xyz 0.4 ACT as you;ACT to ACT;SIDE ACT on;i ACT my;the FOOT that's;the HAND ACT
xyz 1.0 ACT back ACT;ACT in with;ACT is the;ACT onto the;ACT out with;ACT out your;FOOT ACT down;FOOT is down
xyz 1.0 FOOT together FOOT;NUMBER i ACT;SIDE FOOT ACT;and ACT and;and then i;don't let the;half ACT up
xyz 1.0 then ACT down
xyz -0.2 ACT back FOOT;ACT back and
xyz 1.5 ACT back into;ACT back onto;ACT up your;NUMBER ACT your;bend your FOOT;the FOOT of
xyz 1.6 ACT back on;ACT forward with;to ACT forward
xyz 1.1 ACT back over;ACT down into;ACT to your;FOOT back down;and ACT again;and ACT my;both FOOT bend
xyz 1.1 half ACT with;on the in;the ACT FOOT;up on the;you end up
xyz 1.4 ACT back with;ACT in the;ACT up with;ACT with your;FOOT out with;at the end;your SIDE FOOT
xyz -0.6 ACT forward FOOT;ACT in front;ACT it in;ACT onto it;ACT out again;ACT over the;ACT through SIDE
xyz -0.6 ACT through and;ACT up ACT;ACT up half;SIDE FOOT NUMBER;SIDE FOOT and;SIDE FOOT can;SIDE FOOT touching
xyz -0.6 and ACT with;and the front;back FOOT first;beside the SIDE;breathe in breathe;exhale ACT the;i can ACT
xyz -0.6 it ACT to;leave the FOOT;let your HAND;now the weight;on your SIDE;over the SIDE;so ACT SIDE;so that your
xyz -0.6 so weight on;the FOOT now;then to the;we ACT it
xyz 2.0 ACT on your;the SIDE HAND
xyz -1.0 ACT out ACT;ACT your FOOT;to the SIDE;we ACT back
xyz -0.9 ACT out weight;NUMBER percent ACT;NUMBER percent the;and ACT into;breathe out SIDE;i ACT the;in the SIDE
xyz -0.9 so i can;weight on it
xyz -1.8 ACT the floor;NUMBER NUMBER degrees;if you need
xyz -1.1 ACT up and;as you ACT;from the waist;the FOOT down;with the FOOT
xyz 1.8 ACT up onto;your weight should
xyz 1.9 NUMBER NUMBER weight
xyz -1.4 all the way;breathe out now
xyz -1.5 breathe out ACT
xyz -2.1 if you can
xyz -0.3 if your ACT
xyz -2.0 on the FOOT
xyz -2.3 on the SIDE
xyz 2.1 the ACT is
xyz -1.9 then the FOOT
xyz 1.7 up ACT the
xyz -1.6 with the SIDE
y -1.8 #
y -0.6 SIDE;because;but;by;leave;next;punch;pushing;rest;to;whole;wings;you'll
y 0.8 again;an;halfway;last;lets;tall
y 0.6 all;any;does;moment;pause;position;we;white;write
y -0.7 along;her;let;rests;sorry;straight;touching
y -1.2 and;little
y -1.0 apart;hips;past
y 1.1 are;breath;happens;lot;may
y 1.5 begin
y -1.1 behind;far;floor;its;same;width
y -0.9 beside;don't;if;light;so;their
y -0.8 bit;bow;equal;even;first;front;in;only;stretch;them
y 1.0 careful;finish;should;sure
y -0.5 check;feel;gentle;make;nose;outward;stay;stays;today;walking
y -1.3 degrees;way
y 0.7 diagonally;forget;most;off;one;over;relaxed;river;split;start;style;that;work
y 0.5 full
y -0.4 higher
y 0.9 means;teacher;yourself
y 1.4 mistake;thing
y 1.2 there
y 1.3 this;we've
"""
