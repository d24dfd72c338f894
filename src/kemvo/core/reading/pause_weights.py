"""How much each sign speaks for a pause: its name, its weight, the words it is of. Made by `make learn`; not to be edited
by hand."""

TABLE = """\
a -1.0 #;floor;let's
a 0.9 NUMBER;beach;onto;past
a 0.6 a;at;ex;fridge;full;happy;has;its;mind;same;sideways;sorry;strike;ward;west;will
a -0.9 again;corner;counts;end;if;let;movement
a -0.6 ahead;any;bent;but;first;okay;parallel;seconds;welcome;what
a -0.8 apart;flat;inhale;shake;should;we;when
a -1.7 as
a -1.1 bad
a 1.0 becomes;of;over;percent;tailbone;they
a -0.7 before;golden;height;monkey;punch;reverse;small;there;those;until;we'll;what's
a 1.1 behind;not;shorter
a 1.2 beside;bow
a 0.3 bit
a 1.9 cat
a 0.7 change;do;for;no;slow;the;too;try;under
a 0.8 chest;clock;gentle;gets;heal;opposite;own;pointing;shoulder-width;stays;them;they'll;wall;want;without
a -0.5 diagonal;good;lets;top;yet
a 0.5 doesn't;done;everything;half;hanging;i'll;important;into;on;slightly;their;was;with
a 0.4 got
a -0.3 middle
a 1.6 need
a -1.4 now
a -1.5 so
a 1.3 wants
a -1.2 we're
ab -0.9 ACT NUMBER;ACT one;ACT too;FOOT NUMBER;NUMBER now;a FOOT;and it;and there;and you;brush FOOT;is down
ab -0.9 out FOOT;straight back;the next;the second
ab 0.8 ACT across;ACT right;FOOT behind;HAND hanging;SIDE now;a bit;a minute;at NUMBER;breathe in
ab 0.8 evenly distributed;exhale ACT;for that;half way;in NUMBER;in all;is up;no weight;not ACT;onto it
ab 0.8 other FOOT;that ACT;the ear;the windows;you ACT;your breath
ab 0.7 ACT along;ACT itself;FOOT again;FOOT completely;FOOT inwards;FOOT only;HAND forward;NUMBER o'clock
ab 0.7 and breathe;and out;and punch;are parallel;becomes ACT;begin with;bit so;down so;horse stance
ab 0.7 is comfortable;need to;on SIDE;on it;so SIDE;straight ACT;straight ahead;the chair;the front;to ACT
ab 0.7 too far
ab 0.6 ACT away;ACT through;FOOT through;NUMBER more;all ACT;and NUMBER;back down;back first;cat stance
ab 0.6 doesn't ACT;even up;ex exhale;for NUMBER;forward again;forward weight;hip width;i do;in half;it back
ab 0.6 its wings;now ACT;okay ACT;the body;the fridge;touching ACT;ward off;we begin;with FOOT;with SIDE;your ACT
ab 1.4 ACT in;FOOT first;each FOOT;in front;then FOOT
ab -0.6 ACT into;ACT slightly;ACT the;ACT your;FOOT SIDE;FOOT can;FOOT so;HAND exhale;a bow;a small;and only
ab -0.6 down now;inhale ACT;is right;not too;out now;percent in;the FOOT;the performer;weight off;when you
ab 0.9 ACT inward;FOOT across;FOOT bend;NUMBER breaths;SIDE diagonal;a ACT;and ACT;for you;got to;in parallel
ab 0.9 it forward;the floor;the heal;they'll ACT;to SIDE;we don't;with weight
ab 1.5 ACT me;FOOT in;other SIDE
ab -0.5 ACT so;SIDE and;SIDE you;a half;a nice;again ACT;and now;first thing;in SIDE;in now;is called;the out
ab -0.5 your body
ab 0.5 ACT tall;NUMBER degrees;NUMBER one;SIDE front;and down;beside it;comfortable ACT;down again;down flat
ab 0.5 in line;its FOOT;keep breathe;my FOOT;my HAND;on both;one ACT;one o'clock;out NUMBER;out SIDE;that way
ab 0.5 the coat;way around;weight forward;you are;you should
ab -0.8 ACT to;ACT with;FOOT it;HAND up;end up;is forward;movement NUMBER;the inhale;the last;weight in;where it
ab -0.8 your chair
ab 1.0 ACT together;FOOT okay;FOOT straight;and exhale;and rest;front HAND;front corner;in here;on top;out breath
ab 1.0 pause here;second FOOT;start with;them in;weight even
ab -0.7 FOOT and;FOOT weight;NUMBER ACT;SIDE weight;a SIDE;by ACT;is in;it FOOT;let me;let them;my weight
ab -0.7 small ACT;the breath;the torso;then it;waist SIDE;you can't
ab 0.4 FOOT forward;NUMBER times;SIDE side;a breath;can ACT;corner FOOT;heal ACT;is ACT;that FOOT;up straight
ab 0.4 you can
ab 1.6 FOOT here
ab -0.4 FOOT inhale;the in
ab -1.1 FOOT is;HAND height;half ACT
ab 1.1 FOOT now;SIDE corner;into it;out again;same weight;then SIDE;weight over;with it
ab 1.2 FOOT touching;NUMBER NUMBER;SIDE hip;cloud HAND;down first;side now;you like;your HAND
ab 0.2 FOOT up
ab -1.0 NUMBER inhale;a low;as you;it NUMBER
ab 0.3 SIDE NUMBER;don't ACT;percent back
ab 1.3 SIDE in;of you;the start;to it;wants to
ab -1.2 an ACT;you're ACT
ab -1.4 and again;back ACT
ab 1.9 behind you
ab 2.3 it is
ab -1.3 number NUMBER
ab -2.0 the first
ab 1.7 to you
ab 2.0 with you
abx -0.4 ACT ACT ACT;FOOT ACT up;FOOT ACT with;HAND ACT as;as you ACT;the in breath;your body weight
abx 1.1 ACT ACT all;ACT back the;FOOT ACT SIDE;NUMBER NUMBER FOOT;SIDE FOOT you're;horse stance ACT;the back ACT
abx 1.1 the side ACT
abx -0.7 ACT NUMBER ACT;ACT ahead and;ACT back weight;ACT down and;FOOT ACT your;FOOT again and;FOOT in weight
abx -0.7 FOOT out NUMBER;FOOT together HAND;SIDE FOOT in;SIDE FOOT out;SIDE corner and;a ACT ACT;and ACT all
abx -0.7 and ACT with;and it ACT;breathe out the;for NUMBER seconds;into it and;into it the;last one ACT
abx -0.7 let them ACT;the ACT FOOT;the FOOT stay;the FOOT weight;the SIDE diagonal;the SIDE next;the SIDE over
abx -0.7 them out and;your SIDE HAND
abx 1.0 ACT SIDE FOOT;ACT out and;FOOT up FOOT;NUMBER percent the;SIDE FOOT with;SIDE SIDE ACT;and out in
abx 1.0 breathe out SIDE;the ACT with;the FOOT you;then FOOT ACT
abx 0.8 ACT SIDE NUMBER;ACT through FOOT;FOOT down and;FOOT flat ACT;HAND ACT forward;HAND ACT in;SIDE FOOT keep
abx 0.8 the FOOT FOOT;you ACT NUMBER
abx -0.6 ACT SIDE and;ACT in NUMBER;ACT off the;FOOT ACT NUMBER;FOOT ACT first;FOOT in half;FOOT out and
abx -0.6 FOOT up half;NUMBER degrees SIDE;SIDE FOOT SIDE;SIDE FOOT can;SIDE FOOT without;a small ACT;and ACT my
abx -0.6 bow stance ACT;for NUMBER breaths;it out and;shoulder-width width apart;the FOOT are;the SIDE hip
abx -0.6 the SIDE until;the SIDE without;the first ACT;the floor and;the other FOOT;the other side;the side FOOT
abx -0.6 to ACT the;waist SIDE then
abx -0.5 ACT SIDE so;ACT back so;ACT forward again;ACT in and;ACT it in;ACT up breathe;ACT up my;FOOT ACT and
abx -0.5 FOOT first then;FOOT flat and;FOOT in ACT;FOOT in front;FOOT out weight;FOOT parallel and;SIDE FOOT ACT
abx -0.5 SIDE FOOT back;SIDE FOOT now;a half ACT;and ACT again;and you ACT;it down ACT;my SIDE FOOT;other side ACT
abx -0.5 the out breath;the rear FOOT;you ACT SIDE
abx 0.9 ACT SIDE the;FOOT ACT FOOT;FOOT down FOOT;NUMBER degrees the;SIDE FOOT a;it ACT SIDE;out ACT to;to ACT so
abx 0.9 to SIDE SIDE;your SIDE ACT
abx -0.9 ACT SIDE then;ACT it back;FOOT NUMBER ACT;FOOT first weight;SIDE FOOT half;a ACT so;and ACT weight
abx -0.9 back FOOT the;hold it hold;i ACT my;let it ACT;the SIDE corner;the SIDE front;the SIDE side;the floor if
abx -0.9 your SIDE and
abx -0.8 ACT SIDE weight;ACT it and;ACT through ACT;ACT up your;FOOT ACT half;FOOT down ACT;FOOT now the
abx -0.8 FOOT out SIDE;HAND ACT breathe;HAND down breathe;breathe in when;brush FOOT SIDE;the HAND exhale
abx -0.8 the SIDE let;the first NUMBER;ward off SIDE;you ACT exhale
abx -1.1 ACT back ACT;ACT forward ACT;FOOT first and;NUMBER NUMBER degrees;and ACT the;the HAND ACT;the SIDE FOOT
abx -1.1 the SIDE HAND;the SIDE now;the corner and;the front SIDE;width apart and;you ACT you;your SIDE FOOT
abx 1.4 ACT back FOOT;breathe in and
abx -1.4 ACT back SIDE;ACT out SIDE;FOOT together and
abx 0.7 ACT forward breathe;ACT it ACT;FOOT ACT into;FOOT back SIDE;HAND ACT to;NUMBER NUMBER ACT
abx 0.7 NUMBER seconds ACT;and ACT so;back FOOT and;in front ACT;its FOOT ACT;other FOOT ACT;over NUMBER ACT
abx 0.7 the SIDE onto;then SIDE ACT;to ACT and;to you so;weight ACT it;with it ACT
abx 0.6 ACT forward on;FOOT together FOOT;HAND ACT SIDE;HAND ACT then;HAND down ACT;HAND up breathe;SIDE FOOT we
abx 0.6 a ACT back;on it the;on the SIDE;out NUMBER ACT;out SIDE FOOT;the ACT as;the FOOT now;to ACT your
abx 0.6 you ACT on
abx -1.0 ACT in then;SIDE ACT the;breathe out and;breathe out when;the side and;the weight ACT
abx 0.5 ACT now the;both FOOT on;down first ACT;one FOOT ACT;the FOOT SIDE;the FOOT i;the SIDE the;we ACT ACT
abx 1.3 ACT up ACT;SIDE FOOT you;and out and
abx -1.2 ACT up the;FOOT ACT in;SIDE SIDE SIDE;and ACT it;onto it and;percent SIDE SIDE;the SIDE and;the front FOOT
abx -1.2 weight SIDE ACT
abx -0.3 FOOT ACT forward;in front and;into it SIDE
abx -1.3 FOOT ACT then;NUMBER NUMBER SIDE;NUMBER NUMBER weight;the back FOOT
abx -1.5 FOOT down weight
abx 1.7 FOOT in the
abx -0.1 FOOT out ACT
abx -0.2 SIDE FOOT front
abx 0.3 back SIDE SIDE
abx 1.2 behind you ACT;is ACT the;the SIDE your
abx 1.6 the ACT the
abx 0.4 the FOOT as;the weight the;you ACT it
abx 1.5 the FOOT the
abx -1.6 the SIDE breathe
any -2.5 *
b 0.7 ACT;closer;direction;enough;far;forwards;hips;instead;main;rest;right;split;was
b 1.5 FOOT;forward;itself;outwards;straight;work
b 0.8 HAND;arrive;arrives;back;backwards;bow;degrees;diagonally;hanging;happy;hip;line;low;minute;parry;punch
b 0.8 sideways;slightly;stool;tall;windows
b 1.4 SIDE;ear;instep;there;touching
b -3.1 a
b -1.1 about;because;brush;past;without;yes
b 1.0 across;altogether;clock;evenly;home;it;length;middle;soft;think;time;walking;way
b -0.9 after;easy;feel;feels;finish;has;means;next;position;that
b 1.1 again;crane;ears;front;hang;north;o'clock;parallel;section;stop;tail;them;wide;wings
b 1.3 ahead;alongside;breathe;diagonal;here;sides;solid;started;write
b -1.4 all;or;people;what
b -0.7 allow;beside;can't;how;never;number;pause;quarter;single;small;some;there's;till;you;you've
b -1.0 an;between;get;have;he;its;like;now;ok;only;should;sure;will;you'll
b -4.5 and
b 2.5 apart
b -0.8 are;end;gonna;got;last;look;once;ready;third;torso;white
b 0.9 around;bent;completely;contact;even;leaning;lute;me;pushing;through;up
b -2.7 as;of
b -1.3 at;from;okay;our;she;while
b 1.8 away;east;out;side
b -1.2 be;but;make;see;they
b 1.2 behind;breath;door;first;floor;level;mane;wall;wobbling
b -1.6 big;keep;no;not;until;with
b -0.6 body;called;does;doing;each;notice;oh;performer;teacher;wait;would
b 2.0 breaths;corner;equally
b -1.7 by;do;i'm;that's;we're
b -0.5 check;double;ex;nice;stretch;which
b 0.5 coat;seconds
b 2.2 comfortable
b -1.5 don't;hold;it's;this;we'll;where
b 1.6 down;flat;inwards;wider;width;yet
b 0.6 else;fridge;high;horse;inside;lead;light;outward;space;thigh;times;top;try;us;week
b 0.4 exhale
b -2.1 for
b 1.7 height
b -2.5 i
b -1.9 if;let;let's;you're
b -2.0 into;onto
b -2.2 is
b -2.3 my;on
b -0.4 own
b 1.9 room;together
b -3.0 so
b -4.7 the
b -3.2 then
b -2.6 to;we
b -1.8 when
b -3.5 your
bx 1.0 ACT ACT;ACT last;FOOT FOOT;FOOT this;FOOT we're;SIDE into;back ACT;backwards ACT;closer ACT;percent the
bx 1.0 you and
bx -0.7 ACT NUMBER;ACT a;ACT through;FOOT for;FOOT half;FOOT not;FOOT parallel;FOOT rest;FOOT straight;HAND are
bx -0.7 HAND exhale;NUMBER o'clock;SIDE diagonal;again and;all the;back then;beside the;cloud HAND;comfortable ACT
bx -0.7 degrees and;doesn't ACT;don't ACT;down again;exhale and;flat and;forward onto;front and;in half;in let
bx -0.7 inhale ACT;it hold;it if;more weight;movement NUMBER;now we're;number NUMBER;of the;one ACT;one NUMBER
bx -0.7 other side;out on;over NUMBER;over your;past the;quarter ACT;she ACT;small ACT;stance SIDE;still ACT
bx -0.7 together HAND;up as;up my;without ACT
bx -1.2 ACT SIDE;FOOT together;NUMBER counts;NUMBER percent;away from;back FOOT;down first;forward now;i ACT
bx -1.2 out breath;over the;weight SIDE;weight back;your weight
bx -0.6 ACT across;ACT all;ACT forwards;ACT straight;FOOT at;FOOT completely;FOOT it's;FOOT out;FOOT pointing
bx -0.6 HAND as;HAND on;HAND up;NUMBER breaths;SIDE on;SIDE until;back into;body weight;corner ACT;degrees SIDE
bx -0.6 don't let;finish ACT;floor and;forward into;in this;in to;it over;leave the;long breath;okay now
bx -0.6 other FOOT;out over;out your;single whip;snake ACT;start ACT;that i;that the;they ACT;touching the;up from
bx -0.6 up half;width away;you ACT;you don't
bx 0.8 ACT again;ACT no;FOOT NUMBER;FOOT exhale;FOOT it;FOOT that;SIDE that's;across and;behind and;east ACT
bx 0.8 front ACT;now NUMBER;out in;out the;parry and;that for;through FOOT
bx -0.5 ACT around;FOOT is;FOOT okay;NUMBER then;and then;as the;as you;at the;back to;be ACT;behind your
bx -0.5 ex exhale;has ACT;in my;let your;let's ACT;next we;on your;out and;rear FOOT;so now;to finish;were ACT
bx -2.4 ACT back
bx -1.9 ACT forward;behind you
bx 0.9 ACT hold;ACT she;ACT then;FOOT SIDE;SIDE the;forward FOOT;in ACT;in SIDE;in now;it to;now with;out now
bx 0.9 weight and;write ACT
bx 0.5 ACT inhale;ACT make;ACT now;ACT one;ACT that's;FOOT both;NUMBER back;SIDE by;SIDE exhale;about ACT
bx 0.5 beside SIDE;corner NUMBER;forward ACT;out breathe;so let
bx -0.8 ACT into;ACT onto;ACT you're;FOOT again;FOOT stays;FOOT which;HAND look;NUMBER seconds;SIDE bow;SIDE hip
bx -0.8 SIDE let's;SIDE without;a ACT;about NUMBER;exhale ACT;exhale as;forward again;forward as;forward when
bx -0.8 from the;half a;in a;into the;it then;now i;now i'm;off SIDE;off the;one we;out so;out weight;right now
bx -0.8 side FOOT;side so;so ACT;straight ahead;the weight;there for;to the;up your;way and;weight NUMBER
bx -0.8 weight even;weight forward;with your
bx -1.1 ACT it;ACT them;FOOT only;FOOT touching;SIDE front;behind the;body ACT;breathe out;down as;forward and
bx -1.1 half ACT;in NUMBER;it all;out when;together and;we're ACT;you're ACT
bx -1.4 ACT my;NUMBER degrees;forward weight;front FOOT;in front;on the
bx 0.7 ACT okay;FOOT a;FOOT body;FOOT i;FOOT onto;FOOT we;FOOT with;HAND with;NUMBER now;SIDE a;SIDE my;SIDE onto
bx 0.7 SIDE out;SIDE waist;again the;bit now;down the;evenly ACT;forward the;it for;it you;north ACT;now FOOT
bx 0.7 out into;over and;seconds ACT;side the;stance ACT;straight ACT;weight up;width ACT
bx -1.0 ACT out;FOOT then;FOOT up;HAND hold;SIDE as;SIDE corner;and ACT;bend the;both FOOT;exhale let;i'm ACT
bx -1.0 let the;then ACT;your SIDE
bx -0.9 ACT over;FOOT ACT;FOOT in;FOOT while;both HAND;bow stance;breath ACT;breath in;by ACT;floor if
bx -0.9 forward SIDE;he ACT;in inhale;in the;in when;it ACT;my SIDE;my weight;now we;onto the;out NUMBER;the SIDE
bx -0.9 thing ACT;top ACT;waist SIDE;we ACT;weight in;weight now;width apart
bx -1.8 ACT the;ACT up;NUMBER NUMBER
bx 0.6 ACT we;FOOT i'm;FOOT let's;FOOT what;NUMBER weight;again now;degrees we;down ACT;first NUMBER
bx 0.6 together FOOT;up HAND
bx -2.0 ACT your
bx -1.5 FOOT are;to ACT;with the
bx -0.4 FOOT down;SIDE and;if you;is now;part NUMBER;stance so;waist ACT
bx -2.3 FOOT first
bx 1.1 FOOT let;FOOT you're;behind ACT;front the;up FOOT;up i;up so
bx 1.2 FOOT no;across ACT;instead ACT;it the
bx -1.3 FOOT now;FOOT stay;HAND ACT;SIDE side;SIDE then;now ACT;weight ACT
bx 2.0 FOOT the
bx 1.5 FOOT your;HAND the
bx 0.4 NUMBER FOOT;NUMBER HAND
bx -2.6 SIDE FOOT
bx -2.5 SIDE HAND
bx -0.3 SIDE let;in your;up breathe
bx -0.2 SIDE no;SIDE so
bx 1.3 back the
bx -1.6 breathe in;can ACT;first then;out as
bx 1.4 degrees the;flat ACT
bx -0.1 down and
bx -1.7 side now;through the
bx 1.7 weight the
bxy 0.4 ACT ACT SIDE;ACT down ACT;SIDE FOOT FOOT
bxy -1.1 ACT ACT all;SIDE SIDE FOOT;forward and ACT;up breathe in;weight ACT into
bxy 0.8 ACT ACT and;ACT ACT up;ACT back ACT;ACT on a;FOOT in the;FOOT now ACT;FOOT the weight;FOOT your weight
bxy 0.8 SIDE ACT forward;SIDE FOOT first;SIDE FOOT on;SIDE and breathe;and ACT with;back FOOT in;corner ACT the
bxy 0.8 floor ACT the;forward ACT back;in HAND down;is ACT on;it ACT the;up and breathe;up i ACT
bxy 0.5 ACT ACT down;FOOT ACT on;FOOT the front;NUMBER ACT out;SIDE ACT ACT;SIDE the HAND;front ACT the
bxy 0.5 out let the
bxy -0.6 ACT ACT forward;ACT all of;ACT it down;FOOT next to;FOOT that ACT;HAND ACT down;SIDE ACT a;SIDE SIDE SIDE
bxy -0.6 SIDE and look;SIDE so ACT;SIDE weight SIDE;back ACT ACT;beside the SIDE;down FOOT first;forward the SIDE
bxy -0.6 half ACT with;in ACT SIDE;now i'm ACT;on the SIDE;out the SIDE;out weight forward;out when you
bxy -0.6 snake ACT down;up ACT SIDE;you ACT onto
bxy -2.0 ACT ACT with
bxy -0.4 ACT FOOT together;ACT as you;ACT i can;ACT the body;ACT the waist;FOOT ACT over;FOOT back to
bxy -0.4 FOOT don't ACT;FOOT one NUMBER;HAND ACT across;SIDE FOOT back;SIDE FOOT down;in ACT it;in ACT to;up ACT it
bxy -0.4 up ACT the
bxy 1.1 ACT HAND up;ACT and then;ACT in NUMBER;HAND the SIDE;back so ACT
bxy -1.2 ACT NUMBER percent;SIDE the SIDE;out let them;through and ACT
bxy -1.4 ACT SIDE ACT;FOOT ACT in;SIDE ACT out;back ACT the
bxy -0.7 ACT all your;ACT half a;FOOT ACT to;FOOT and breathe;FOOT can ACT;FOOT so it's;FOOT the FOOT
bxy -0.7 FOOT weight SIDE;SIDE ACT in;SIDE and i;SIDE brush FOOT;again ACT SIDE;back ACT SIDE;back ACT into
bxy -0.7 breath ACT out;in and ACT;into the SIDE;it hold it;my SIDE FOOT;onto the SIDE;out ACT it;out NUMBER ACT
bxy -0.7 over and ACT;waist ACT to;weight ACT forward;weight ACT onto;you ACT the
bxy 0.9 ACT and as;it ACT SIDE;it and the;percent the SIDE
bxy -0.8 ACT and exhale;ACT and you;ACT weight forward;FOOT FOOT FOOT;FOOT then ACT;FOOT then FOOT;FOOT to ACT
bxy -0.8 SIDE bow stance;can ACT the;corner FOOT first;front ACT your;half ACT up;here ACT the;out as you
bxy -0.8 over the SIDE;up SIDE HAND;up your SIDE;you ACT on;your SIDE FOOT
bxy 0.6 ACT and the;ACT as the;FOOT ACT forward;FOOT a ACT;HAND ACT SIDE;SIDE ACT to;back FOOT first;down ACT your
bxy 0.6 in it ACT;we ACT back
bxy 0.7 ACT half ACT;ACT out ACT;FOOT ACT NUMBER;FOOT ACT SIDE;FOOT ACT forwards;FOOT down ACT;FOOT i ACT
bxy 0.7 FOOT onto the;FOOT the HAND;FOOT through the;HAND ACT out;SIDE ACT HAND;SIDE SIDE HAND;SIDE my SIDE
bxy 0.7 SIDE onto the;back ACT back;first weight ACT;forward on the;side the SIDE;together ACT the;you ACT SIDE
bxy 1.3 ACT it ACT;ACT so you;ACT the ACT
bxy 1.0 ACT let your;FOOT ACT onto;FOOT ACT the;FOOT ACT them;FOOT NUMBER ACT;HAND ACT your;the SIDE back
bxy -1.0 ACT that FOOT;FOOT ACT out;FOOT and ACT;SIDE ACT SIDE;SIDE ACT the;SIDE FOOT ACT;SIDE HAND ACT
bxy -1.0 down and ACT;up half a
bxy -0.9 ACT the HAND;ACT the SIDE;ACT the back;ACT the weight;ACT weight back;ACT your SIDE;ACT your weight
bxy -0.9 FOOT and let;FOOT that's the;FOOT the SIDE;HAND ACT up;SIDE ACT it;SIDE weight on;corner and ACT
bxy -0.9 floor if you;forward NUMBER percent;in ACT the;in weight SIDE;inhale ACT the;out ACT down;there ACT the
bxy -0.9 to the SIDE;waist ACT SIDE;weight ACT back;weight ACT to;with the SIDE
bxy 0.2 FOOT ACT FOOT;FOOT ACT off;FOOT and the
bxy 1.9 FOOT ACT into;FOOT ACT your;SIDE FOOT parallel
bxy 0.3 FOOT ACT with;FOOT and i;FOOT in ACT;FOOT now let;SIDE SIDE ACT;back and the
bxy -0.2 FOOT all the
bxy -0.5 FOOT and SIDE;FOOT so ACT;HAND ACT breathe;HAND ACT over;HAND and the;NUMBER NUMBER one;SIDE FOOT in
bxy -0.5 can ACT it;flat and ACT;out ACT forward;out ACT up;out breath ACT;up my SIDE;we ACT the;weight ACT on
bxy -0.3 FOOT off the;HAND ACT back;down SIDE FOOT;in the HAND
bxy -1.6 NUMBER ACT your
bxy 0.0 SIDE ACT weight
bxy 1.2 SIDE a ACT;it with the;out ACT back;up HAND ACT;weight ACT the
bxy 1.6 in weight to
bxy -1.3 the SIDE FOOT
w -1.9 #
w 0.6 a;also;can;did;like;not;onto;sideways;stretch;to
w 0.8 about;door;exhale;hips;hold;lock;of;threw;toward
w -0.8 again;flat;here;once;slightly;straight;we'll;while
w 0.7 along;beside;counts;couple;distance;isn't;leaves;on;past;pushing;ready;tightrope;watch;with
w 1.1 an;between
w -1.0 apart;me;way
w -0.5 because;feel;hip;sorry;there's;try
w -0.4 belly
w 0.5 but;don't;or;single;split;tying;us;what
w 1.0 by;check;count;left;long;makes;shared
w -0.6 comfortable;equal;keep;need;tall;until
w -0.9 degrees;heal;i'm;last;say;so;sure;want;whip
w -0.7 flying;get;lot;okay;we;wrong;yet
w 1.2 for;over
w -1.1 let;let's
w -1.3 lose
w 0.3 most;other;same
w -1.4 now
w -1.5 number
w 0.4 our;you'll
w -0.3 repulse
w 0.9 should;than;towards;upright;wild
w 1.4 where;without
x 0.9 ACT;did;even;golden;his;most;only;play;quarter;release;waist;we;you've
x -1.1 FOOT;again;ahead;along;becomes;bit;breaths;it;me;past;slightly;till;under;will
x -1.6 a;at;degrees;like;with
x -2.3 about
x -1.2 across;counts;evenly;has;over;percent;touching;wall;way;wide;yet
x 0.4 after
x 1.0 allow;big;feel;grab;once;repulse;think;today's;wait
x -0.6 alongside;bent;brushes;important;letting;little;makes;may;means;passes;pointing;us;walking;whip;without
x 0.1 and
x -1.5 apart;away;in;width
x -1.3 around;between;forward;here;side;stays;straight;them;thing;too
x 0.7 arrive;double;hang;how;needle;other;white
x -0.7 back;diagonally;for;forty-five;instep;inward;its;not;one's;outwards;solid;was
x -0.9 backwards;doesn't;east;equally;feels;gets;o'clock;off;or;shoulder-width;soft;tall;than;they;toward
x 1.1 begin;brush;last;never;we're
x -2.5 behind
x 0.6 bend;do;end;ex;half;i'll;practise;tidy
x -1.9 beside;together
x 0.5 both;equal;give;people;split;starting;which
x 2.0 breathe;then;what
x -1.7 but;until
x -2.2 by;corner;through;to
x 1.2 careful;count;deflect;exhale;it's;make;my;you'll
x 0.8 change;crescent;have;movement;second;third;what's
x -0.5 comfortable;fully;isn't;lead;leaves;threw
x -0.8 completely;diagonal;home;line;more;one;wider
x 1.6 don't;get;keep;remember;repeat;start;that's;watch
x -3.1 down
x 2.2 finish;hold
x -1.4 flat;height;hip;parallel;should;stance;there
x 1.4 fold;keeping;let's;stretch;weight
x -1.0 forwards;front;inwards;level;outward;rests;seconds;towards;where;yourself
x 1.5 he;i;i'm;look
x 1.9 if;let;next;notice;swap
x 1.3 imagine;rest;shake;single;when
x 2.3 inhale;ok;we'll
x -2.1 into;on;onto;up
x -2.4 is
x 2.6 now
x 1.7 number;pause;she;soften;there's
x -3.4 of
x 3.3 okay
x -2.7 out
x -1.8 round
x 1.8 stay
x 0.2 those
xy -0.9 ACT ACT;ACT so;ACT then;ACT together;HAND by;SIDE SIDE;SIDE corner;SIDE weight;a little;are ACT;as we
xy -0.9 first ACT;instead ACT;is ACT;to NUMBER;towards the
xy 0.7 ACT HAND;ACT me;FOOT over;HAND down;HAND to;a ACT;as you;back again;breathe in;exhale as;most of;now ACT
xy 0.7 now half;once the;one ACT;repeat on;shake your;start by;weight ACT;weight now;with no;you'll feel
xy 1.3 ACT NUMBER;FOOT shoulder-width;and that's;and when;bend your;is that
xy 0.6 ACT SIDE;ACT for;ACT into;ACT onto;ACT tall;ACT until;ACT you're;FOOT flat;SIDE HAND;do not;ex exhale
xy 0.6 forward again;hold for;it is;now we;okay and;play the;right now;shake it;side ACT;soften the;then a
xy 0.6 then it;tidy up;to finish;up ACT;we'll ACT;with about;without ACT;your hip
xy 1.7 ACT a
xy 0.5 ACT about;ACT forwards;ACT wide;SIDE out;and as;down ACT;have a;inhale ACT;it ACT;keep breathe;let's have
xy 0.5 never ACT;now let;out NUMBER;right back;start with;wait there;we ACT
xy 1.5 ACT all;FOOT parallel;and all;and to;front FOOT;this is;to get;you should
xy -0.8 ACT as;ACT exhale;ACT like;FOOT and;NUMBER on;SIDE NUMBER;along the;beside the;breathe out;it's not
xy -0.8 like you're;on it;shoulder-width width;toward the;with it
xy 1.2 ACT body;SIDE let's;again weight;and then;first thing;so now;so we;think of
xy 1.0 ACT both;ACT the;HAND are;HAND over;NUMBER i;a lot;allow the;breath out;he ACT;keep your;make sure;next we
xy 1.0 on an;or ACT;release the;same on;so first;that is;the next;those with;up on;we start;you don't
xy 0.8 ACT evenly;ACT my;FOOT not;HAND look;HAND up;SIDE is;and i'm;doing the;don't rush;for those;i'm ACT
xy 0.8 in breath;inhale and;on the;stay there;then all;with an
xy -1.0 ACT first;before the;now and;which is
xy -1.1 ACT hold;ACT you;and hold;for a;of the
xy -0.6 ACT if;ACT inhale;ACT stance;FOOT forward;a bit;about NUMBER;again FOOT;and do;and it;and onto;and shake
xy -0.6 and slightly;and up;behind you;by the;first then;flat ACT;into a;like a;no weight;on both;only as;past the
xy -0.6 the other;the same;we don't;while the;with my
xy -0.7 ACT last;ACT of;ACT straight;FOOT now;back down;i can;if that's;my body;next time;now NUMBER;onto it
xy -0.7 so it's;so you;stay down;the floor;then out;to your;until the;your FOOT
xy 0.3 ACT on;HAND ACT
xy 0.4 ACT slightly;FOOT bend;can see;get up;hold it;waist SIDE;weight into
xy 0.9 ACT to;ACT yourself;and that;bend the;breath in;brush and;brush past;get your;last one;leave the;now the
xy 0.9 out to;part NUMBER;pause for;quarter ACT;some of;some people;then we;weight and;when the
xy 2.0 ACT your;SIDE so;in inhale
xy 1.1 FOOT are;FOOT of;NUMBER ACT;SIDE FOOT;and i;be careful;can you;let me;let's ACT;that was;which FOOT
xy 1.1 you end;you want
xy 1.4 FOOT together;all right;and again;and forward;back FOOT;check the;is your;so from;so that's
xy -1.2 NUMBER degrees;as your;in front;off the;that ACT
xy 1.8 NUMBER more
xy -0.5 NUMBER o'clock;NUMBER one;and don't;and let's;does the;even on;first the;half way;into the;leaves the
xy -0.5 onto the;that's your
xy -0.3 all the;and the;and your;where your
xy -1.3 and NUMBER;can ACT;for NUMBER;then forward
xy -0.4 and feel;and i'll;and out;so let's
xy 1.6 and now;exhale and
xy 1.9 movement NUMBER;number NUMBER
xy -0.0 my weight
xy -2.8 next to
xy -1.4 now so
xy -2.1 so that
xy -0.1 so you're
xy -2.0 then FOOT
xy 2.3 to do
xy -2.3 to the
xyz 0.6 ACT ACT and;ACT NUMBER is;ACT SIDE and;ACT a big;ACT a bit;ACT down as;ACT it on;ACT out SIDE;ACT round to
xyz 0.6 ACT through the;ACT with the;FOOT in line;FOOT together weight;FOOT up FOOT;HAND at the;SIDE FOOT brush
xyz 0.6 SIDE FOOT half;SIDE HAND up;SIDE brush FOOT;SIDE side ACT;an ACT stance;and ACT forward;as you inhale
xyz 0.6 back FOOT out;back to ACT;bow stance NUMBER;breathe out and;exhale and ACT;first ACT your;first SIDE FOOT
xyz 0.6 forward again onto;he ACT the;inhale as you;it ACT down;it then ACT;make the SIDE;out NUMBER NUMBER
xyz 0.6 over NUMBER counts;soften the FOOT;the FOOT don't;the weight has;this is a;waist ACT to;ward off SIDE
xyz 0.6 weight NUMBER NUMBER;weight SIDE SIDE;with about NUMBER;you're ACT the;your weight is
xyz 1.5 ACT ACT forward;ACT back into;ACT back on;ACT up onto;your SIDE FOOT
xyz -0.7 ACT ACT on;ACT NUMBER ACT;ACT SIDE weight;ACT back first;ACT back so;ACT forward FOOT;ACT from the
xyz -0.7 ACT last one;ACT onto it;ACT out FOOT;ACT out again;ACT the other;ACT through and;ACT up ACT;ACT up half
xyz -0.7 FOOT ACT the;NUMBER percent and;SIDE ACT the;SIDE FOOT and;SIDE FOOT weight;and ACT FOOT;and ACT behind
xyz -0.7 and ACT with;and out in;and your FOOT;beside the SIDE;both FOOT to;breathe in breathe;for the FOOT
xyz -0.7 from the back;it ACT to;now the weight;on the ACT;so ACT it;the FOOT now;then the whole;weight forward ACT
xyz -0.7 you ACT forward
xyz -0.5 ACT ACT out;ACT ACT your;ACT SIDE the;ACT across to;ACT on a;about NUMBER NUMBER;and then out
xyz -0.5 back FOOT first;breathe out #;even on both;from the floor;it ACT the;let the FOOT;let your HAND
xyz -0.5 off the floor;onto the FOOT;so that your;weight back onto;with your SIDE
xyz -0.9 ACT ACT the;ACT the ACT;ACT your FOOT;NUMBER NUMBER and;SIDE FOOT first;breathe out SIDE
xyz -0.9 weight ACT forward;with the FOOT
xyz 1.8 ACT ACT with;your weight should
xyz 0.7 ACT SIDE ACT;ACT SIDE on;ACT around to;ACT back over;ACT is the;FOOT ACT back;FOOT NUMBER NUMBER
xyz 0.7 FOOT down weight;FOOT in ACT;SIDE ACT in;SIDE the SIDE;a ACT with;about NUMBER thirds;and ACT back
xyz 0.7 and again SIDE;back ACT SIDE;back ACT forward;bend the SIDE;both FOOT the;in ACT the;it ACT through
xyz 0.7 let's ACT it;let's do that;my back FOOT;now ACT forward;now half ACT;now i'm ACT;now let the;on the last
xyz 0.7 repeat on the;shake your FOOT;side ACT SIDE;so ACT on;start by ACT;there's a ACT;to do the;with no weight
xyz 0.7 you can't ACT
xyz 0.9 ACT SIDE then;ACT back ACT;ACT down on;ACT forward onto;ACT one NUMBER;ACT out your;ACT that FOOT
xyz 0.9 ACT the waist;FOOT ACT SIDE;FOOT is down;FOOT out SIDE;NUMBER NUMBER in;SIDE FOOT ACT;and ACT and
xyz 0.9 and let it;and on the;and then i;and then we're;breathe in when;brush and ACT;brush past the
xyz 0.9 have your weight;i want you;the ACT FOOT;the first ACT;then ACT down;then the SIDE;there ACT the
xyz 0.9 weight back to;weight stays on;with your weight;you're ACT to
xyz 1.0 ACT a breath;ACT back SIDE;ACT in with;ACT to your;FOOT ACT down;FOOT back down;FOOT parallel weight
xyz 1.0 FOOT together FOOT;NUMBER i ACT;SIDE FOOT straight;and ACT again;and ACT my;both FOOT bend;down ACT the
xyz 1.0 half ACT up;half ACT with;on the in;same on the;so all the;so let it;so we're in;the first thing
xyz -1.2 ACT a little;ACT out ACT;as the SIDE;the FOOT down
xyz 0.5 ACT ahead and;ACT all the;ACT as you;ACT back weight;ACT out the;HAND to your;NUMBER counts to;SIDE ACT on
xyz 0.5 SIDE FOOT is;again ACT SIDE;as you exhale;back again and;both FOOT ACT;by ACT the;if you can't;is that the
xyz 0.5 it's the SIDE;my weight ACT;so you're on;the SIDE is;we ACT forward;we ACT onto;weight in your
xyz 0.8 ACT and ACT;ACT out to;ACT your ACT;SIDE FOOT back;as the weight;as you do;back SIDE SIDE;breath ACT in
xyz 0.8 down ACT and;forward onto the;inhale and ACT;let the breath;out to NUMBER;start with your;the FOOT are
xyz 0.8 the FOOT do;the back FOOT;the weight ACT;we ACT out;we do that;you ACT you;your SIDE HAND
xyz -0.3 ACT back FOOT
xyz -0.2 ACT back and
xyz 1.4 ACT back onto;ACT in the;ACT up with;ACT with your;FOOT out with;NUMBER ACT your;all the weight
xyz 1.4 and to finish;at the end;the FOOT of
xyz 1.3 ACT back with;ACT it down;FOOT shoulder-width width;bend your FOOT;breathe in as;out ACT the
xyz -0.6 ACT down ACT;ACT in front;ACT over the;ACT through SIDE;FOOT is ACT;HAND down ACT;HAND down breathe
xyz -0.6 SIDE FOOT NUMBER;SIDE FOOT can;SIDE FOOT forward;SIDE FOOT touching;SIDE SIDE FOOT;all of it;and ACT #
xyz -0.6 and ACT on;and the FOOT;and the front;breathe in and;exhale ACT the;i can ACT;if your ACT;on your SIDE
xyz -0.6 so ACT SIDE;so weight on;then ACT forward;we ACT it;while the SIDE
xyz -0.8 ACT down first;ACT it now;ACT now the;ACT on its;NUMBER on the;NUMBER percent the;and ACT up;and you ACT
xyz -0.8 both FOOT on;i ACT the;over the SIDE;so i can;the FOOT and;the weight to;then ACT SIDE;then ACT out
xyz -0.8 to ACT the;weight SIDE weight;weight forward SIDE;when you ACT
xyz 1.1 ACT down into;ACT it with;ACT on both;ACT out with;ACT them down;ACT up on;ACT up the;FOOT down FOOT
xyz 1.1 FOOT of the;NUMBER NUMBER on;a lot of;and SIDE and;back FOOT ACT;both HAND ACT;breathe in for;from the top
xyz 1.1 other side ACT;the waist ACT;up on the;you end up
xyz 1.2 ACT down with;ACT forward into;ACT through with;ACT up tall;FOOT ACT and;FOOT are parallel;HAND ACT up
xyz 1.2 don't let the;for the next;the SIDE FOOT;the front FOOT;the rear FOOT;the weight is;to ACT out
xyz -0.4 ACT forward breathe;FOOT are ACT;FOOT out ACT;and breathe in;you can ACT
xyz 1.6 ACT forward with;to finish ACT
xyz 0.3 ACT now ACT;ACT to NUMBER;ACT weight forward
xyz 2.0 ACT on your;the ACT is
xyz 0.4 ACT onto the;ACT to ACT;HAND up breathe;NUMBER percent on;i ACT my;now ACT to;now we ACT;on the other
xyz 0.4 the FOOT that's;with the weight;you ACT onto
xyz -1.0 ACT out weight;and ACT into;as the waist;as you ACT;on the floor;to the SIDE;weight on it
xyz -1.8 ACT the floor
xyz -1.3 ACT up and;all the way;from the waist;so the FOOT
xyz 1.7 ACT up your;to ACT forward;up ACT the
xyz -1.9 NUMBER NUMBER degrees;on the FOOT
xyz 1.9 NUMBER NUMBER weight;the SIDE HAND
xyz -0.1 and breathe out
xyz -1.6 breathe out ACT
xyz -1.5 breathe out now
xyz -2.1 if you can
xyz -2.0 if you need
xyz -1.1 in the SIDE;next to the;we ACT back
xyz -2.3 on the SIDE
xyz 0.2 then SIDE FOOT
xyz -2.2 then the FOOT
xyz -1.7 with the SIDE
y -1.9 #
y -0.6 SIDE;behind;bent;don't;gentle;hang;horse;outward;pushing;same;stay;stays;then;to;whole
y 0.7 again;doesn't;everything;finish;forget;halfway;most;river;threw;you're
y -0.8 along;bit;front;half;hip;light;rest;straight;stretch;them;touching
y 0.9 an;tall;there
y -1.3 and
y 0.5 any;exhale;leaning
y -1.1 apart;floor;its
y 1.0 are;careful;lot;means;style;sure
y -0.5 be;feel;instead;letting;make;nose;o'clock;they
y -0.7 because;breaths;but;contact;has;her;higher;leave;let;middle;punch;so;sorry;today;wings
y 1.4 begin;mistake;thing
y 0.6 belly;ends;is;over;pause;position;relaxed;split;that;we;work;write
y -0.9 beside;bow;equal;even;first;in;next;only;rests;their
y 1.1 breath;may
y -1.4 degrees
y -1.2 far;little;past;way;width
y 0.8 gonna;happens;lets;one;teacher;yourself
y -1.0 hips;if
y 1.2 last
y 1.3 this;we've
"""
