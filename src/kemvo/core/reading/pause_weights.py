"""How much each sign speaks for a pause: its name, its weight, the words it is of. Made by `make learn`; not to be edited
by hand."""

TABLE = """\
a -1.0 #;end;floor;let;movement
a 0.9 NUMBER;beach;of;onto;past;percent;without
a 0.6 a;at;do;fridge;full;half;has;into;its;mind;no;sideways;sorry;strike;the;ward;will
a -0.9 again;corner;if
a -0.6 ahead;any;bent;but;first;good;i;okay;we;welcome;what
a -0.8 apart;counts;flat;height;inhale;punch;shake;should;there;when
a -1.8 as
a -1.1 bad;let's
a 1.0 becomes;not;over;they
a -0.7 before;golden;monkey;reverse;seconds;small;those;until;we'll;what's
a 1.1 behind;shorter;tailbone
a 1.4 beside
a 0.3 bit
a 1.9 cat
a 0.5 change;doesn't;done;feeling;hanging;i'll;important;on;slightly;with
a 0.8 chest;clock;gentle;gets;heal;opposite;own;pointing;stays;them;they'll;too;wall;want
a -0.5 diagonal;have;lets;top;yet
a 0.7 for;same;shoulder-width;slow;try;under
a 0.4 got;their
a -0.3 middle
a 1.7 need
a -1.4 now;so
a 1.3 wants
a -1.2 we're
ab -1.0 ACT NUMBER;NUMBER inhale;a low;it NUMBER
ab 0.8 ACT across;ACT right;FOOT across;FOOT behind;FOOT bend;FOOT home;HAND forward;HAND hanging;SIDE now;a bit
ab 0.8 a minute;at NUMBER;back down;corner FOOT;exhale ACT;for that;half way;in NUMBER;in all;onto it;that ACT
ab 0.8 the body;the ear;the floor;the front;the windows;your breath
ab 0.7 ACT along;ACT away;ACT itself;FOOT completely;FOOT forward;FOOT inwards;FOOT only;and out;and punch
ab 0.7 back first;becomes ACT;begin with;bit so;cat stance;doesn't ACT;down so;horse stance;i do;is comfortable
ab 0.7 is up;its wings;on it;so SIDE;straight ACT;straight ahead;to ACT;weight forward;with FOOT;you ACT;your ACT
ab 0.5 ACT forward;ACT tall;NUMBER degrees;NUMBER one;SIDE front;and NUMBER;beside SIDE;down again;even up
ab 0.5 forward weight;heal ACT;in line;it back;its FOOT;keep breathe;now ACT;on both;one o'clock;out SIDE
ab 0.5 that way;the coat;to NUMBER;white crane;width away;you can
ab 1.4 ACT in;FOOT first;SIDE in;then FOOT
ab -0.6 ACT into;ACT the;ACT your;FOOT HAND;FOOT SIDE;FOOT can;FOOT weight;HAND exhale;SIDE and;a small;a tiny
ab -0.6 again ACT;down now;my weight;not too;percent in;the FOOT;the performer;the whole;weight off;when you
ab 1.0 ACT inward;ACT together;FOOT straight;and rest;in here;it forward;need to;on top;out NUMBER;out breath
ab 1.0 pause here;second FOOT;start with;them in;they'll ACT;weight even
ab 1.5 ACT me;FOOT in;other SIDE
ab -0.9 ACT one;ACT too;FOOT NUMBER;NUMBER now;a FOOT;and it;and there;as you;brush FOOT;end up;is down
ab -0.9 movement NUMBER;one FOOT;out FOOT;straight back;the next;the second
ab -0.5 ACT slightly;ACT so;FOOT so;SIDE you;a half;a nice;and now;bit now;first thing;in now;inhale ACT;is right
ab -0.5 the out;weight forwards;your body
ab 0.6 ACT through;FOOT again;FOOT through;NUMBER more;NUMBER o'clock;all ACT;and breathe;and down;are parallel
ab 0.6 comfortable ACT;down flat;for NUMBER;forward again;hip width;in half;okay ACT;on SIDE;the chair;the fridge
ab 0.6 touching ACT;ward off;way around;we begin;weight now
ab -0.8 ACT to;ACT with;HAND up;NUMBER ACT;NUMBER FOOT;and you;half ACT;the inhale;the last;weight in;your chair
ab -0.7 FOOT and;FOOT it;NUMBER HAND;SIDE weight;a SIDE;a bow;and only;by ACT;is forward;is in;it FOOT;let me
ab -0.7 let them;out now;small ACT;the breath;the torso;waist SIDE;you can't
ab 1.6 FOOT here
ab -0.4 FOOT inhale;in SIDE;the in
ab -1.2 FOOT is;an ACT;you're ACT
ab 1.1 FOOT now;FOOT okay;NUMBER NUMBER;SIDE corner;front corner;into it;out again;side now;then SIDE;weight over
ab 1.3 FOOT touching;SIDE hip;each FOOT;for now;in front;same weight;the start;to it;wants to
ab 0.1 FOOT up;SIDE NUMBER
ab -1.1 HAND height
ab 0.9 NUMBER breaths;SIDE diagonal;a ACT;and ACT;and exhale;breathe in;evenly distributed;for you;front HAND
ab 0.9 got to;in parallel;no weight;not ACT;the heal;to SIDE;we don't;with weight
ab 0.4 NUMBER times;SIDE side;a breath;is ACT;my HAND;one ACT;percent back;that FOOT;up straight;you are
ab 0.3 SIDE bow;breath out;can ACT;which FOOT
ab -1.3 and again;number NUMBER
ab -1.4 back ACT
ab 2.1 behind you
ab 1.2 bow stance;cloud HAND;down first;of you;with it;you like;your HAND
ab 0.2 don't ACT;weight back
ab 2.3 it is
ab -1.9 the first
ab 1.7 to you
ab 2.0 with you
abx -0.5 ACT ACT ACT;ACT SIDE so;ACT forward again;ACT in and;ACT it in;ACT up breathe;ACT up my;FOOT ACT and
abx -0.5 FOOT down ACT;FOOT flat and;FOOT in front;FOOT in half;FOOT out and;FOOT out weight;SIDE FOOT ACT
abx -0.5 SIDE FOOT back;a half ACT;and you ACT;half ACT SIDE;my SIDE FOOT;other side ACT;the first ACT
abx -0.5 the front SIDE;the out breath;the rear FOOT;to ACT the;you ACT SIDE
abx 1.1 ACT ACT all;ACT out and;FOOT up FOOT;NUMBER NUMBER FOOT;SIDE FOOT you're;behind you ACT;breathe out SIDE
abx 1.1 horse stance ACT;the back ACT;the side ACT
abx -0.6 ACT NUMBER ACT;ACT in NUMBER;ACT off the;FOOT ACT NUMBER;FOOT in ACT;FOOT parallel and;FOOT up half
abx -0.6 NUMBER degrees SIDE;SIDE FOOT SIDE;SIDE FOOT can;SIDE FOOT forward;SIDE FOOT front;SIDE FOOT now
abx -0.6 a small ACT;and ACT my;bow stance ACT;for NUMBER breaths;shoulder-width width apart;the FOOT are
abx -0.6 the SIDE hip;the SIDE until;the SIDE without;the other FOOT;the other side;the side FOOT;waist SIDE then
abx 1.0 ACT SIDE FOOT;ACT back the;NUMBER percent the;SIDE FOOT with;SIDE FOOT you;SIDE SIDE ACT;and out in
abx 1.0 the ACT with
abx -0.4 ACT SIDE and;FOOT ACT up;FOOT ACT with;HAND ACT as;SIDE FOOT hold;as you ACT;in front and;the in breath
abx -0.4 the middle and;weight even ACT
abx 0.9 ACT SIDE the;FOOT ACT FOOT;FOOT down FOOT;NUMBER degrees the;SIDE FOOT a;it ACT SIDE;one FOOT ACT
abx 0.9 out ACT to;the FOOT FOOT;then FOOT ACT;to ACT so;your SIDE ACT
abx -0.7 ACT SIDE then;ACT SIDE weight;ACT ahead and;ACT down and;FOOT ACT first;FOOT ACT half;FOOT ACT your
abx -0.7 FOOT again and;FOOT first then;FOOT first weight;FOOT in weight;FOOT out NUMBER;FOOT together HAND
abx -0.7 HAND down breathe;SIDE FOOT in;SIDE FOOT out;SIDE FOOT without;a ACT ACT;and ACT all;and ACT with
abx -0.7 and it ACT;breathe out the;for NUMBER seconds;i ACT my;into it and;last one ACT;let them ACT;the ACT FOOT
abx -0.7 the FOOT stay;the FOOT weight;the SIDE diagonal;the SIDE next;the SIDE over;the first NUMBER;them out and
abx -0.7 ward off SIDE;you ACT exhale;your SIDE HAND
abx -1.1 ACT back ACT;ACT back SIDE;ACT back weight;FOOT first and;NUMBER NUMBER degrees;SIDE SIDE SIDE
abx -1.1 the SIDE and;the SIDE let;the corner and;the weight ACT;width apart and;you ACT you;your SIDE FOOT
abx 1.3 ACT back FOOT;FOOT ACT SIDE;and out and
abx -1.3 ACT forward ACT;ACT out SIDE;FOOT together and;the back FOOT;the front FOOT
abx 0.6 ACT forward breathe;FOOT back SIDE;FOOT first NUMBER;HAND up breathe;SIDE FOOT we;a ACT back
abx 0.6 back SIDE SIDE;its FOOT ACT;on it the;on the SIDE;out SIDE FOOT;the FOOT now;the SIDE the;to ACT your
abx 0.6 you ACT on
abx 0.5 ACT forward on;ACT now the;HAND ACT then;both FOOT on;down first ACT;the FOOT SIDE;the FOOT i;to ACT in
abx 0.5 weight SIDE FOOT
abx -1.0 ACT in then;FOOT forward weight;SIDE ACT the;breathe out when;hold it hold;the HAND ACT;the SIDE FOOT
abx -1.0 the SIDE HAND;the SIDE now;the side and
abx 0.7 ACT it ACT;FOOT ACT into;FOOT together FOOT;HAND ACT to;NUMBER NUMBER ACT;NUMBER seconds ACT
abx 0.7 SIDE FOOT keep;and ACT so;back FOOT and;over NUMBER ACT;the ACT as;the FOOT you;the SIDE onto
abx 0.7 then SIDE ACT;to ACT and;to you so;weight ACT it
abx -0.8 ACT it and;ACT through ACT;ACT up your;FOOT NUMBER ACT;FOOT now the;FOOT out SIDE;SIDE corner and;a ACT so
abx -0.8 brush FOOT SIDE;into it the;let it ACT;the HAND exhale;the SIDE front;the SIDE side;the floor if
abx -0.9 ACT it back;HAND ACT breathe;and ACT the;and ACT weight;back FOOT the;breathe in when;breathe out and
abx -0.9 the SIDE corner
abx 0.8 ACT through FOOT;FOOT down and;FOOT flat ACT;HAND ACT forward;HAND ACT in;HAND down ACT;in front ACT
abx 0.8 to SIDE SIDE;with it ACT;you ACT NUMBER
abx 1.2 ACT up ACT;is ACT the;the SIDE your
abx -1.2 ACT up the;FOOT ACT in;SIDE FOOT half;and ACT it;onto it and;weight SIDE ACT
abx -0.3 FOOT ACT forward;into it SIDE
abx -1.4 FOOT ACT then;NUMBER NUMBER SIDE;NUMBER NUMBER weight;percent SIDE SIDE;your ACT ACT
abx -1.5 FOOT down weight
abx 0.3 FOOT in as
abx 1.7 FOOT in the
abx -0.1 FOOT out ACT;it down ACT
abx 1.4 breathe in and;you can and
abx 1.6 the ACT the
abx 0.4 the FOOT as;the weight the;you ACT it
abx 1.5 the FOOT the
abx -1.6 the SIDE breathe
any -2.5 *
b 0.7 ACT;around;closer;degrees;enough;hips;inside;instead;main;rest;right;split;us;was
b 1.5 FOOT;outwards;straight;work
b 0.8 HAND;arrive;arrives;backwards;bent;diagonally;fine;forwards;hanging;happy;hip;minute;parry;punch;slightly
b 0.8 stool;tall;windows
b 1.4 SIDE;ear;touching
b -3.1 a
b -1.1 about;because;brush;like;make;only;past;without;yes
b 0.9 across;back;completely;contact;even;home;it;leaning;line;low;lute;me;pushing;sideways;through;time;up
b -0.9 after;easy;feel;feels;finish;has;means;next;position;that
b 1.2 again;breath;door;far;first;floor;forward;level;mane;middle;them;wall;wobbling
b 1.3 ahead;alongside;behind;breathe;diagonal;here;instep;sides;solid;started;there;write
b -1.4 all;don't;from;okay;or;people;what;while
b 1.0 altogether;clock;crane;evenly;length;outside;spot;think;walking;way
b -1.0 an;between;get;have;he;its;now;ok;should;sure;will;you'll
b -4.5 and
b -0.8 any;are;called;end;gonna;got;last;look;never;once;ready;there's;third;till;torso;white;you
b 2.5 apart
b -2.7 as;of
b -1.3 at;our;she
b 1.7 away;down;height
b -1.2 be;but;see;they
b -0.6 beside;body;can;does;each;how;might;notice;oh;performer;teacher;tiny;wait
b -1.6 big;keep;not;until;with
b 1.1 bow;ears;front;hang;north;nose;o'clock;parallel;section;soft;stop;tail;wide;wings
b 2.0 breaths
b -1.7 by;do;i'm;no;that's;we're
b -0.7 can't;doing;number;pause;quarter;single;small;some;you've
b -0.5 check;double;nice;stretch;which
b 0.5 coat;exhale;seconds
b 2.2 comfortable
b 1.9 corner;equally;room;yet
b 0.6 direction;fridge;high;horse;lead;light;outward;space;thigh;times;top;try;week
b 1.8 east;out;side;together
b 1.6 flat;inwards;itself;wider;width
b -2.3 for;my;on
b -1.5 hold;it's;this;we'll;where
b -2.5 i
b -1.9 if;when;you're
b -2.0 into;let's;onto
b -2.2 is
b -2.1 let
b -0.4 own
b -3.0 so
b -4.7 the
b -3.2 then
b -2.6 to;we
b -3.5 your
bx 0.9 ACT ACT;ACT hold;ACT no;ACT she;FOOT FOOT;back ACT;forward FOOT;it to;now with;out in;out now;weight and
bx 0.9 write ACT;you and
bx -0.7 ACT NUMBER;ACT a;ACT across;ACT through;FOOT for;FOOT not;FOOT parallel;FOOT rest;FOOT straight;HAND are
bx -0.7 HAND exhale;NUMBER seconds;SIDE as;SIDE diagonal;all the;beside the;body weight;cloud HAND;comfortable ACT
bx -0.7 degrees and;doesn't ACT;don't ACT;down again;finish ACT;flat and;forward into;forward onto;in HAND;in half
bx -0.7 inhale ACT;it hold;it if;it then;long breath;more weight;movement NUMBER;now we're;number NUMBER;of the
bx -0.7 off SIDE;okay now;one ACT;one NUMBER;other side;out and;out on;over NUMBER;over your;past the;quarter ACT
bx -0.7 she ACT;small ACT;stance SIDE;still ACT;there for;they ACT;to the;together HAND;up as;up my;without ACT
bx -1.1 ACT SIDE;ACT it;ACT them;FOOT only;FOOT up;FOOT while;NUMBER counts;back FOOT;body ACT;bow stance;down as
bx -1.1 half ACT;out when;we're ACT;weight SIDE;weight now;you're ACT;your weight
bx 0.7 ACT again;ACT we;FOOT a;FOOT i;FOOT i'm;FOOT onto;FOOT we;FOOT with;HAND with;NUMBER now;SIDE a;SIDE onto
bx 0.7 evenly ACT;in ACT;north ACT;now FOOT;now NUMBER;out into;out the;over and;seconds ACT;side the;stance ACT
bx 0.7 straight ACT;together FOOT;weight up;width ACT
bx -0.6 ACT all;ACT forwards;ACT straight;FOOT at;FOOT completely;FOOT is;FOOT it's;FOOT okay;FOOT out
bx -0.6 FOOT pointing;HAND as;HAND up;NUMBER breaths;SIDE on;SIDE until;back into;back to;chair if;corner ACT
bx -0.6 degrees SIDE;don't let;front and;in let;in this;in to;it over;leave the;let's ACT;now SIDE;other FOOT
bx -0.6 out over;out your;single whip;snake ACT;start ACT;that i;that the;touching the;up half;width FOOT
bx -0.6 width away;you ACT;you don't
bx -0.5 ACT around;NUMBER then;SIDE and;SIDE no;and then;as the;as you;at the;back so;be ACT;behind your;has ACT
bx -0.5 if you;in my;next we;on your;other SIDE;rear FOOT;so now;stance so;to finish;up from;were ACT
bx -2.4 ACT back
bx -2.1 ACT forward
bx 0.6 ACT inhale;ACT now;FOOT no;FOOT what;FOOT you;SIDE out;again now;again the;back weight;degrees we;down the
bx 0.6 first NUMBER;first the;forward ACT;forward the;so let
bx -0.8 ACT into;ACT onto;ACT you're;FOOT again;FOOT in;FOOT stays;FOOT which;HAND look;NUMBER o'clock;SIDE hip
bx -0.8 SIDE without;a ACT;again and;back then;behind the;exhale ACT;exhale and;exhale as;floor if;forward SIDE
bx -0.8 forward again;forward as;forward when;from the;half a;in the;into the;my SIDE;now i;now i'm;off the;one we
bx -0.8 out so;out weight;right now;side FOOT;side so;so ACT;straight ahead;the weight;up your;waist SIDE
bx 1.0 ACT last;ACT then;FOOT SIDE;FOOT we're;SIDE into;backwards ACT;closer ACT;front the;in now;percent the
bx 0.5 ACT make;ACT that's;FOOT both;NUMBER FOOT;NUMBER HAND;SIDE by;SIDE exhale;about ACT;beside SIDE
bx 0.5 corner NUMBER;floor SIDE;it for
bx -1.3 ACT my;FOOT stay;HAND ACT;SIDE side;forward and;now ACT;to ACT
bx 0.8 ACT okay;FOOT NUMBER;FOOT exhale;FOOT it;FOOT that;NUMBER weight;SIDE my;SIDE that's;SIDE the;across and
bx 0.8 behind and;bit now;east ACT;front ACT;it you;parry and;that for;through FOOT
bx -1.0 ACT out;FOOT then;HAND hold;SIDE let's;and ACT;bend the;both FOOT;breath ACT;breath in;breathe out
bx -1.0 exhale let;forward weight;i'm ACT;it all;now we;out NUMBER;then ACT;together and;width apart
bx -0.9 ACT over;FOOT ACT;SIDE bow;SIDE corner;SIDE front;about NUMBER;again SIDE;both HAND;by ACT;he ACT;in a
bx -0.9 in inhale;in when;it ACT;let the;my weight;onto the;the SIDE;thing ACT;top ACT;way and;we ACT
bx -0.9 weight NUMBER;weight even;weight forward;weight in;with your;your SIDE
bx -1.8 ACT the;ACT up;NUMBER NUMBER
bx -2.2 ACT your
bx -1.5 FOOT are;front FOOT;with the
bx -0.4 FOOT down;is now;middle and;up breathe
bx -2.5 FOOT first;SIDE HAND
bx 0.4 FOOT front;out if
bx 1.2 FOOT let;across ACT;instead ACT
bx -1.2 FOOT now;FOOT together;FOOT touching;NUMBER percent;SIDE then;away from;can ACT;forward now;i ACT
bx -1.2 in NUMBER;out breath;over the;weight ACT;weight back
bx 2.0 FOOT the
bx 1.3 FOOT this;back the;it the
bx 1.1 FOOT you're;behind ACT;in SIDE;up FOOT;up i;up so
bx 1.4 FOOT your;can and;degrees the;flat ACT
bx 1.5 HAND the
bx -1.4 NUMBER degrees;down first;in front;on the
bx -2.6 SIDE FOOT
bx 0.2 SIDE NUMBER
bx -0.3 SIDE so;in your;waist ACT
bx -2.0 behind you
bx -1.6 breathe in
bx -0.2 down and
bx -1.7 first then;out as;side now;through the
bx 1.7 weight the
bxy 0.6 ACT ACT SIDE;ACT and the;ACT as the;FOOT ACT NUMBER;FOOT a ACT;FOOT forward weight;HAND ACT SIDE
bxy 0.6 NUMBER SIDE FOOT;SIDE ACT to;SIDE FOOT on;SIDE SIDE ACT;back FOOT first;in ACT your;in it ACT
bxy -1.0 ACT ACT all;ACT the back;ACT the weight;ACT weight back;FOOT ACT out;SIDE ACT SIDE;SIDE ACT the
bxy -1.0 SIDE SIDE FOOT;down and ACT;inhale ACT the;waist ACT SIDE
bxy 0.8 ACT ACT and;ACT back ACT;ACT on a;FOOT in the;FOOT now ACT;FOOT the weight;FOOT your weight
bxy 0.8 SIDE ACT forward;SIDE FOOT first;SIDE and breathe;and ACT with;back so ACT;corner ACT the;first weight ACT
bxy 0.8 floor ACT the;in HAND down;is ACT on;it ACT the;together and ACT;up and breathe;up i ACT
bxy 0.7 ACT ACT back;ACT half ACT;ACT out ACT;FOOT ACT SIDE;FOOT ACT forwards;FOOT down ACT;FOOT i ACT
bxy 0.7 FOOT onto the;FOOT the HAND;FOOT through the;HAND ACT out;SIDE ACT HAND;SIDE FOOT are;SIDE SIDE HAND
bxy 0.7 SIDE my SIDE;SIDE onto the;back ACT back;back FOOT in;down ACT your;forward ACT back;forward on the
bxy 0.7 side the SIDE;together ACT the;we ACT back;you ACT SIDE
bxy 0.5 ACT ACT down;FOOT ACT forward;FOOT ACT on;FOOT front FOOT;FOOT the front;NUMBER ACT out;SIDE FOOT together
bxy 0.5 SIDE the HAND;floor SIDE FOOT;out let the
bxy -0.5 ACT ACT forward;ACT SIDE HAND;FOOT and SIDE;FOOT don't ACT;FOOT one NUMBER;FOOT so ACT;HAND ACT across
bxy -0.5 HAND ACT breathe;HAND and the;SIDE FOOT in;SIDE FOOT the;can ACT it;flat and ACT;nose and out
bxy -0.5 now SIDE FOOT;out ACT forward;out breath ACT;up ACT SIDE;up my SIDE;we ACT the;weight ACT on
bxy 0.9 ACT ACT up;it and the;percent SIDE FOOT;percent the SIDE
bxy -2.0 ACT ACT with
bxy 1.0 ACT HAND up;ACT let your;FOOT ACT onto;FOOT ACT the;FOOT ACT them;FOOT NUMBER ACT;HAND ACT your
bxy 1.0 it ACT SIDE;the SIDE back
bxy -1.1 ACT NUMBER percent;ACT SIDE ACT;ACT that FOOT;FOOT and ACT;SIDE FOOT ACT;SIDE HAND ACT;SIDE the SIDE
bxy -1.1 up breathe in
bxy -0.6 ACT all of;ACT and exhale;ACT half a;ACT it down;ACT so weight;FOOT that ACT;HAND ACT down;SIDE ACT in
bxy -0.6 SIDE FOOT up;SIDE SIDE SIDE;SIDE and look;SIDE so ACT;back ACT ACT;back FOOT ACT;beside the SIDE
bxy -0.6 down FOOT first;front SIDE corner;half ACT with;now i'm ACT;on the SIDE;out ACT up;out the SIDE
bxy -0.6 out when you;snake ACT down;you ACT onto
bxy -0.7 ACT all your;FOOT ACT one;FOOT ACT to;FOOT FOOT FOOT;FOOT half a;FOOT so it's;FOOT the FOOT
bxy -0.7 FOOT weight SIDE;SIDE ACT a;SIDE and i;SIDE as the;SIDE weight SIDE;again ACT SIDE;back ACT SIDE
bxy -0.7 back ACT into;breath ACT out;forward the SIDE;into the SIDE;it hold it;my SIDE FOOT;onto the SIDE
bxy -0.7 out ACT it;out NUMBER ACT;out weight forward;over and ACT;over the SIDE;waist ACT to;weight ACT forward
bxy -0.7 weight ACT onto
bxy 1.1 ACT and as;ACT and then;ACT in NUMBER;HAND the SIDE;weight ACT the
bxy -0.8 ACT and you;ACT weight forward;ACT your weight;FOOT can ACT;FOOT to ACT;SIDE bow stance;SIDE brush FOOT
bxy -0.8 can ACT the;corner FOOT first;down breathe out;forward NUMBER percent;front ACT your;half ACT up
bxy -0.8 here ACT the;in ACT the;in and ACT;out as you;up SIDE HAND;up your SIDE;with the SIDE;you ACT on
bxy -0.8 you ACT the;your SIDE FOOT
bxy -0.4 ACT as you;ACT i can;ACT the body;ACT the waist;FOOT back to;HAND ACT over;NUMBER NUMBER one
bxy -0.4 SIDE FOOT back;SIDE FOOT down;behind the SIDE;in ACT it;in the HAND
bxy 0.4 ACT down ACT;FOOT FOOT up;FOOT now let;SIDE ACT ACT;SIDE FOOT FOOT;SIDE weight ACT
bxy 1.3 ACT it ACT;ACT the ACT;SIDE and back
bxy 1.4 ACT so you;up HAND ACT
bxy -0.9 ACT the HAND;ACT the SIDE;ACT your SIDE;FOOT and let;FOOT that's the;FOOT the SIDE;FOOT then ACT
bxy -0.9 FOOT then FOOT;HAND ACT up;SIDE ACT it;SIDE weight on;corner and ACT;floor if you;in weight SIDE
bxy -0.9 out ACT down;there ACT the;to the SIDE;up half a;weight ACT back;weight ACT to
bxy 0.3 FOOT ACT FOOT;FOOT ACT with
bxy -1.5 FOOT ACT in
bxy 1.9 FOOT ACT into;SIDE FOOT parallel
bxy 0.2 FOOT ACT off;FOOT and i;FOOT and the
bxy 1.8 FOOT ACT your
bxy -0.2 FOOT all the;again ACT back
bxy -0.3 HAND ACT back;down SIDE FOOT;in ACT to;up ACT it
bxy -1.6 NUMBER ACT your
bxy -1.4 SIDE ACT out;back ACT the
bxy 0.0 SIDE ACT weight
bxy 1.2 SIDE a ACT;it with the;out ACT back
bxy -0.1 SIDE and SIDE
bxy 1.6 in weight to
bxy -1.2 out let them;the SIDE FOOT;through and ACT;weight ACT into
w -1.9 #
w 0.6 a;also;but;can;did;like;not;ready;sideways;stretch;threw;to;wait
w 0.9 about;check;exhale;should;upright;wild
w -0.8 again;degrees;flat;here;once;slightly;sure;want;we'll;yet
w 0.8 along;beside;door;hips;of;pushing;toward;watch;with
w 1.0 an;by;count;left;long;shared;than;towards
w -1.0 apart;i'm;me;so;way
w -0.5 because;belly;do;feel;might;sorry;there's;try
w 1.1 between;makes
w -0.6 comfortable;equal;hip;keep;need;tall;until;we;wrong
w 0.7 counts;couple;distance;hold;isn't;leaves;lock;on;past;tightrope;what
w 0.5 don't;kissing;onto;or;our;single;split;tying;us;you'll
w 0.4 ends;most;other
w -0.7 flying;get;lot;okay
w 1.2 for;over
w -0.9 heal;last;lose;say;straight;whip
w -1.1 let;let's
w -1.4 now
w -1.6 number
w -0.4 repulse
w 1.3 where
w 1.4 without
x 0.9 ACT;have;his;most;movement;only;other;play;quarter;release;second;we;you've
x -1.1 FOOT;again;bit;breaths;counts;it;me;past;slightly;under;will
x -1.7 a;at
x -2.3 about
x -1.2 across;ahead;along;becomes;evenly;has;over;percent;thing;till;wall;way;wide
x 0.4 after
x 1.0 allow;begin;did;end;golden;grab;never;once;repulse;snap;today's;wait
x -0.6 alongside;bent;brushes;letting;little;may;means;passes;pointing;walking;whip;without
x 0.2 and;those
x -1.5 apart;in;like;stance;width
x -1.3 around;between;here;side;stays;straight;them;too;touching;yet
x 0.7 arrive;do;double;even;ex;how;i'll;needle;practise;what's;white
x -1.4 away;flat;height;hip;parallel;should;there
x -0.8 back;diagonal;equally;instep;line;more;wider
x -0.9 backwards;completely;doesn't;east;feels;gets;home;o'clock;or;shoulder-width;soft;tall;than;they;toward
x -2.6 behind
x 0.5 bend;equal;give;half;split;starting;which
x -1.9 beside;but
x 1.2 big;brush;count;deflect;it's;make;my
x 0.6 both;hang;no;nose;people;tidy
x 2.0 breathe;swap;then;what
x -2.2 by;corner;through;to
x 1.1 careful;exhale;feel;last;think;we're;you'll
x 0.8 change;crescent;third
x -0.7 closer;diagonally;for;forty-five;inward;its;one;one's;outwards;solid;was
x -0.5 comfortable;fully;isn't;leaves;makes;not;threw
x -1.6 degrees;with
x 1.6 don't;get;look;she;start;that's;watch
x -3.1 down
x 2.2 finish
x 1.4 fold;keeping;stretch;weight
x -1.0 forward;forwards;front;inwards;level;off;outward;rests;seconds;towards;where;yourself
x 1.5 he;i;i'm;let's
x 2.1 hold
x 1.9 if;next;notice;repeat
x 1.3 imagine;rest;shake;single;waist;when
x 2.3 inhale;ok;we'll
x -2.1 into;on;up
x -2.4 is
x 1.7 keep;number;pause;soften;stay
x -0.4 lead
x 1.8 let;remember;there's
x 2.6 now
x -3.4 of
x 3.3 okay
x -2.0 onto
x -2.7 out
x -1.8 round;together;until
xy -0.8 ACT ACT;ACT like;ACT now;ACT so;FOOT and;NUMBER on;SIDE ACT;along the;beside the;if that's;like you're
xy -0.8 on it;shoulder-width width;so you;toward the;while the;with it
xy 0.8 ACT HAND;ACT evenly;FOOT not;HAND look;SIDE is;a ACT;breath in;doing the;don't rush;i'm ACT;inhale and
xy 0.8 now we;on the;once the;one ACT;stay there;then all;then it;with an
xy 1.4 ACT NUMBER;FOOT together;all right;and again;and forward;back FOOT;check the;front FOOT;is your;so that's
xy 1.4 this is;you should
xy 0.6 ACT SIDE;ACT for;ACT into;ACT onto;ACT tall;ACT until;ACT you're;FOOT flat;SIDE HAND;as you;back again
xy 0.6 do not;exhale as;forward again;have your;hold it;it is;let's have;okay and;play the;repeat on;right now
xy 0.6 shake it;side ACT;soften the;tidy up;to finish;up ACT;wait there;with about;without ACT;your hip
xy 1.9 ACT a;movement NUMBER;number NUMBER
xy 0.5 ACT about;ACT around;ACT forwards;ACT slightly;ACT wide;HAND ACT;down ACT;hold on;inhale ACT;it ACT
xy 0.5 keep breathe;never ACT;now SIDE;now let;out NUMBER;right back;so i've;start with;we ACT;weight now
xy 0.5 you'll feel
xy 1.5 ACT all;FOOT parallel;and all;is that;so from;to get
xy -0.7 ACT as;ACT if;ACT last;ACT of;FOOT now;HAND with;SIDE corner;about NUMBER;and it;and shake;back down
xy -0.7 behind you;breathe out;i can;inhale HAND;it's not;my body;next time;onto it;so it's;the floor;to your
xy -0.7 until the
xy 1.3 ACT body;FOOT shoulder-width;HAND over;bend your;first thing;so we
xy 1.0 ACT both;ACT the;ACT to;HAND are;NUMBER i;SIDE FOOT;a lot;allow the;bend the;breath out;he ACT;keep your
xy 1.0 leave the;make sure;next we;or ACT;release the;same on;so first;that is;the next;those with;up on;we start
xy 1.0 you don't
xy -0.6 ACT exhale;ACT inhale;ACT stance;a bit;again FOOT;and do;and let's;and slightly;and up;by the;first then
xy -0.6 flat ACT;into a;like a;now NUMBER;on both;only as;past the;stay down;the other;the same;then out
xy -1.0 ACT first;ACT straight;ACT then;SIDE weight;are ACT;before the;now and;which is
xy -1.1 ACT hold;ACT you;SIDE SIDE;a little;and hold;as we;of the;that ACT
xy 0.7 ACT i;ACT me;HAND to;SIDE half;and i'm;breathe in;ex exhale;for those;have a;hold for;hold that;most of
xy 0.7 now ACT;now half;okay now;shake your;start by;we'll ACT;weight ACT;with no
xy 0.9 ACT my;ACT yourself;FOOT of;FOOT over;HAND up;SIDE back;brush and;brush past;even weight;get your
xy 0.9 in breath;last one;next SIDE;now the;out to;part NUMBER;pause for;quarter ACT;some people;then we
xy 0.9 weight and;when the
xy 0.3 ACT on
xy -0.9 ACT together;HAND by;SIDE NUMBER;instead ACT;is ACT;no weight;to NUMBER;towards the
xy 2.0 ACT your;in inhale
xy 1.2 FOOT are;again weight;and that;and that's;and then;let me;let's ACT;so now
xy -0.5 FOOT forward;NUMBER one;and onto;does the;even on;first the;half way;into the;leaves the;onto the
xy -0.5 that's your;we don't;with my
xy 1.1 HAND down;NUMBER ACT;and i;be careful;can you;on an;some of;that was;think of;which FOOT;you end;you want
xy -1.2 NUMBER degrees;as your;for a
xy 1.8 NUMBER more;SIDE let's
xy 2.1 SIDE so
xy -0.3 all the;and the;and your;not the
xy -1.3 and NUMBER;can ACT;for NUMBER;in front;off the;then forward
xy -0.4 and i'll;and out;so let's
xy 1.6 and now;and to;and when
xy 0.4 can see;weight into
xy 1.7 exhale and
xy -0.0 my weight
xy -2.9 next to
xy -1.5 now so
xy -1.7 so that
xy -0.1 so you're
xy 0.2 the weight;waist SIDE
xy -2.0 then FOOT
xy 2.3 to do
xy -2.3 to the
xyz 0.6 ACT ACT and;ACT NUMBER is;ACT a big;ACT a bit;ACT down as;ACT out SIDE;ACT with the;FOOT in line
xyz 0.6 HAND ACT to;HAND up breathe;SIDE FOOT brush;SIDE FOOT is;SIDE HAND up;SIDE brush FOOT;again ACT SIDE
xyz 0.6 an ACT stance;and ACT back;as you inhale;back FOOT out;back to ACT;both FOOT the;bow stance NUMBER
xyz 0.6 breathe out and;first SIDE FOOT;forward again onto;have your weight;he ACT the;inhale as you;is that the
xyz 0.6 it ACT down;it then ACT;let's ACT it;make the SIDE;now ACT forward;now SIDE FOOT;out NUMBER NUMBER
xyz 0.6 repeat on the;soften the FOOT;the FOOT don't;the weight has;then it ACT;this is a;ward off SIDE
xyz 0.6 weight in your;with about NUMBER;you're ACT the;your weight is
xyz 1.5 ACT ACT forward;ACT back into;ACT back on;ACT forward with;ACT in the;ACT that FOOT;ACT up onto
xyz 1.5 ACT with your;all the weight;and to finish;your SIDE FOOT
xyz -0.7 ACT ACT on;ACT NUMBER ACT;ACT SIDE weight;ACT back so;ACT it now;ACT last one;ACT onto it;ACT out FOOT
xyz -0.7 ACT out again;ACT the other;ACT through and;FOOT ACT the;HAND down ACT;NUMBER percent and;SIDE FOOT weight
xyz -0.7 and ACT FOOT;and ACT behind;and ACT on;and out in;and the FOOT;and your FOOT;beside the SIDE;both FOOT to
xyz -0.7 for the FOOT;it ACT to;now the weight;on the ACT;so ACT it;then the whole;weight even ACT
xyz -0.7 weight forward ACT
xyz -0.3 ACT ACT out;ACT back FOOT;body ACT SIDE
xyz -0.9 ACT ACT the;ACT the ACT;ACT up half;NUMBER NUMBER and;NUMBER percent the;SIDE FOOT first;and ACT up
xyz -0.9 and you ACT;breathe out SIDE;when you ACT
xyz 1.7 ACT ACT with;ACT up your;to ACT forward;up ACT the
xyz -0.5 ACT ACT your;ACT SIDE the;ACT a ACT;ACT across to;ACT on a;ACT over the;SIDE ACT the;and breathe in
xyz -0.5 and out through;and then out;back FOOT first;even on both;exhale ACT the;from the floor;it ACT the
xyz -0.5 let your HAND;off the floor;onto the FOOT;so that your;the SIDE ACT;weight back onto;with your SIDE
xyz 0.8 ACT SIDE ACT;ACT SIDE then;ACT a breath;ACT back ACT;ACT out to;FOOT down weight;FOOT on the
xyz 0.8 and then we're;as you do;back SIDE SIDE;breath ACT in;down ACT and;in ACT the;inhale and ACT
xyz 0.8 let the breath;out to NUMBER;start with your;the FOOT are;the FOOT do;the back FOOT;we ACT out;we do that
xyz 0.8 you ACT you;your SIDE HAND
xyz 0.7 ACT SIDE and;ACT SIDE on;ACT back over;ACT is the;ACT it on;ACT now ACT;ACT round to;ACT your ACT
xyz 0.7 FOOT NUMBER NUMBER;FOOT in ACT;FOOT together weight;SIDE ACT on;SIDE FOOT half;SIDE the SIDE;a ACT with
xyz 0.7 about NUMBER thirds;and ACT forward;and again SIDE;and out as;back ACT SIDE;back ACT forward;bend the SIDE
xyz 0.7 exhale and ACT;forward onto the;if you lose;it ACT through;my back FOOT;now half ACT;now i'm ACT
xyz 0.7 now let the;on the last;over NUMBER counts;shake your FOOT;side ACT SIDE;so ACT on;start by ACT
xyz 0.7 the weight ACT;to do the;weight NUMBER NUMBER;weight SIDE NUMBER;weight SIDE SIDE;with no weight
xyz 0.7 you can't ACT
xyz -1.1 ACT a little;ACT out weight;as the SIDE;in the SIDE;we ACT back
xyz 0.5 ACT ahead and;ACT all the;ACT around to;ACT as you;ACT back weight;ACT out the;ACT through the
xyz 0.5 FOOT up FOOT;HAND to your;NUMBER counts to;SIDE FOOT FOOT;as you exhale;back again and;begin with the
xyz 0.5 by ACT the;it's the SIDE;my weight ACT;so i've got;so you're on;waist ACT to;we ACT forward;we ACT onto
xyz 0.9 ACT and ACT;ACT back SIDE;ACT down on;ACT one NUMBER;ACT out your;FOOT ACT SIDE;FOOT ACT back;FOOT is down
xyz 0.9 FOOT of the;FOOT out SIDE;NUMBER NUMBER in;SIDE FOOT ACT;SIDE FOOT back;and ACT and;and let it;and on the
xyz 0.9 and then i;as the weight;both FOOT bend;breathe in when;brush and ACT;brush past the;half ACT up
xyz 0.9 i want you;so we're ACT;the ACT FOOT;the first ACT;then ACT down;then the SIDE;there ACT the
xyz 0.9 weight back to;weight stays on;with your weight;you're ACT to
xyz -0.4 ACT back and;ACT forward breathe;FOOT out ACT;as your HAND;from the FOOT;let the FOOT;you can ACT
xyz -0.8 ACT back first;ACT down first;ACT on its;ACT up ACT;ACT your FOOT;NUMBER on the;and ACT with;both FOOT on
xyz -0.8 i ACT the;over the SIDE;so i can;the FOOT and;then ACT SIDE;then ACT out;to ACT the;weight ACT forward
xyz -0.8 weight SIDE weight;weight forward SIDE;you ACT forward
xyz 1.3 ACT back onto;ACT it down;FOOT shoulder-width width;bend your FOOT;breathe in as;out ACT the
xyz 1.2 ACT back with;ACT down with;ACT forward into;ACT through with;ACT up tall;FOOT ACT and;back FOOT ACT
xyz 1.2 don't let the;for the next;the SIDE FOOT;the front FOOT;the rear FOOT;to ACT out
xyz -0.6 ACT down FOOT;ACT forward FOOT;ACT in front;ACT through SIDE;FOOT are ACT;FOOT is ACT;HAND down breathe
xyz -0.6 SIDE FOOT NUMBER;SIDE FOOT and;SIDE FOOT can;SIDE FOOT touching;SIDE SIDE FOOT;all of it;and ACT #
xyz -0.6 and the front;breathe in and;breathe in breathe;breathe out #;half ACT ACT;i can ACT;if your ACT
xyz -0.6 on your SIDE;so ACT SIDE;so weight on;the FOOT now;then ACT forward;we ACT it
xyz 1.1 ACT down into;ACT it with;ACT on both;ACT up on;ACT up the;FOOT back down;FOOT down FOOT;HAND ACT up
xyz 1.1 a lot of;and SIDE and;both HAND ACT;breathe in for;from the top;the waist ACT;up on the;you end up
xyz 1.0 ACT forward onto;ACT in with;ACT out with;ACT the waist;ACT them down;ACT to your;FOOT ACT down
xyz 1.0 FOOT are parallel;FOOT parallel weight;FOOT together FOOT;NUMBER NUMBER on;NUMBER i ACT;SIDE ACT in
xyz 1.0 SIDE FOOT straight;and ACT again;and ACT my;down ACT the;half ACT with;let's do that;on the in
xyz 1.0 other side ACT;same on the;so all the;so let it;so we're in;the first thing;the weight is
xyz 2.1 ACT on your
xyz 0.4 ACT onto the;ACT to ACT;NUMBER percent on;i ACT my;now ACT to;on the other;the FOOT that's;with the weight
xyz 0.4 you ACT onto;your weight ACT
xyz -1.2 ACT out ACT;next to the;the FOOT down
xyz 0.2 ACT the back;then SIDE FOOT
xyz -1.7 ACT the floor;with the SIDE
xyz 0.3 ACT to NUMBER;ACT weight forward;first ACT your
xyz -1.3 ACT up and;all the way;from the waist;so the FOOT
xyz 1.4 ACT up with;FOOT out with;NUMBER ACT your;at the end;the FOOT of
xyz -1.9 NUMBER NUMBER degrees;on the FOOT
xyz 1.9 NUMBER NUMBER weight;the ACT is;the SIDE HAND
xyz -1.0 and ACT into;as the waist;as you ACT;on the floor;the weight to;to the SIDE;weight on it;with the FOOT
xyz -0.1 and breathe out
xyz -1.6 breathe out ACT
xyz -1.4 breathe out now
xyz -2.1 if you can;if you need
xyz -2.3 on the SIDE
xyz -2.2 then the FOOT
xyz 1.6 to finish ACT
xyz 1.8 your weight should
y -1.6 #
y -0.6 SIDE;be;because;behind;bent;don't;half;horse;nose;o'clock;outward;pushing;they;to
y 0.7 again;doesn't;halfway;relaxed;river;threw
y -0.8 along;bit;but;front;higher;hip;if;let;light;little;rest;rests;so;sorry;stretch;touching;wings
y 0.8 an;finish;gonna;lets;one;teacher;yourself
y -1.3 and
y 0.6 any;belly;ends;forget;is;most;position;split;we;work;write;you're
y -1.1 apart;floor
y 1.0 are;careful;lot;means;sure
y 1.4 begin;mistake;thing
y -0.9 beside;equal;first;in;next;their
y -1.0 bow;even;hips;only
y 1.1 breath;may;style
y -0.7 breaths;contact;corner;has;her;leave;middle;punch;same;stays;them;then;today
y -1.4 degrees;far
y 0.9 happens;tall;there
y -0.5 instead;letting;make;whole
y -1.2 its;past;way;width
y 1.2 last
y 0.5 leaning
y 1.3 this;we've
"""
