"""Learned weights of the pause model: feature, weight, words. Made by `make learn`; not to be edited
by hand."""

TABLE = """\
a -1.0 #;end;floor;let;movement
a 0.9 NUMBER;beach;of;onto;past;percent;stays;want;without
a 0.6 a;change;do;fridge;half;has;mind;no;sideways;slightly;slow;strike;will
a -0.8 again;apart;counts;flat;height;inhale;shake;should;there;those;when
a -0.6 ahead;any;bent;but;degrees;find;first;i;okay;parallel;we;what
a -1.8 as
a 0.7 at;clock;for;full;gentle;gets;its;same;shoulder-width;the;try;under;wall
a -0.5 away;good;have;left;lets;small;time;top
a -1.1 bad
a 1.0 becomes;not;over;shorter;tailbone;they
a -0.7 before;don't;golden;monkey;punch;reverse;seconds;until;we'll;welcome;what's;yet
a 1.1 behind
a 1.4 beside
a 0.3 bit
a 2.0 cat
a 0.8 chest;heal;opposite;own;pointing;them;they'll;too;whole
a -0.9 corner;if
a -0.4 diagonal
a 0.5 doesn't;done;everything;feeling;hanging;i'll;important;into;on;was;with
a 0.4 got;their
a -0.3 middle
a 1.6 need
a -1.4 now;so
a 1.3 wants
a -1.2 we're
ab -1.0 ACT NUMBER;NUMBER inhale;NUMBER now;it NUMBER
ab 0.8 ACT across;FOOT across;FOOT behind;FOOT home;HAND forward;HAND hanging;a bit;at NUMBER;corner FOOT
ab 0.8 evenly distributed;exhale ACT;for that;half way;horse stance;i do;in NUMBER;in all;no weight;onto it
ab 0.8 pause here;the body;the floor;the windows;to ACT;with FOOT;you ACT
ab 0.7 ACT along;ACT away;ACT itself;FOOT completely;FOOT forward;FOOT inwards;FOOT only;a minute;and in;and out
ab 0.7 and punch;are parallel;back down;becomes ACT;begin with;bit so;cat stance;don't ACT;down so;is up;on it
ab 0.7 straight ACT;that ACT;the ear;the front
ab 0.5 ACT forward;ACT tall;NUMBER degrees;NUMBER o'clock;NUMBER one;SIDE front;a breath;and NUMBER;and down
ab 0.5 back corner;comfortable ACT;down again;down flat;even up;for NUMBER;forward weight;in line;is ACT;my FOOT
ab 0.5 my HAND;now ACT;on both;one ACT;one o'clock;out SIDE;percent back;that way;the chair;white crane
ab 0.5 width away;you can
ab 1.4 ACT in;ACT me;FOOT first;SIDE in;each FOOT
ab -0.6 ACT into;ACT the;ACT your;FOOT can;FOOT so;FOOT weight;HAND exhale;NUMBER FOOT;SIDE and;a bow;a small
ab -0.6 a tiny;again ACT;and now;down now;my weight;not too;percent in;the performer;weight off;when you
ab -0.6 with apart
ab 1.0 ACT inward;ACT together;FOOT bend;FOOT now;FOOT straight;and rest;front HAND;need to;out NUMBER;start with
ab 1.0 them in;they'll ACT;to SIDE;weight even
ab -0.9 ACT one;ACT too;FOOT NUMBER;and it;and there;and you;as you;end up;is down;movement NUMBER;out FOOT
ab -0.9 the next;the second
ab 0.9 ACT right;NUMBER breaths;SIDE diagonal;a ACT;and ACT;and exhale;breathe in;for you;got to;in parallel
ab 0.9 not ACT;on top;out breath;the heal;we don't;with weight;your breath
ab -0.5 ACT slightly;ACT so;SIDE you;a half;a nice;bit now;first thing;in SIDE;in now;inhale ACT;is right
ab -0.5 small ACT;the FOOT;your body
ab 0.6 ACT through;FOOT again;FOOT through;NUMBER more;SIDE now;all ACT;and breathe;back first;beside SIDE
ab 0.6 breath in;doesn't ACT;forward again;hip width;in half;is comfortable;it back;its FOOT;its wings
ab 0.6 keep breathe;okay ACT;on SIDE;so SIDE;straight ahead;that FOOT;the fridge;to NUMBER;touching ACT;we begin
ab 0.6 weight forward;weight now
ab -0.8 ACT to;ACT with;FOOT it;HAND up;a FOOT;brush FOOT;half ACT;is forward;one FOOT;straight back;the inhale
ab -0.8 the last;weight in;your chair
ab -0.7 FOOT HAND;FOOT SIDE;FOOT and;NUMBER ACT;NUMBER HAND;SIDE weight;a SIDE;and only;by ACT;is in;it FOOT
ab -0.7 let me;let them;out now;the out;the torso;the whole;then you;you can't
ab 1.6 FOOT here;other SIDE
ab 1.5 FOOT in;then FOOT
ab -0.4 FOOT inhale;the in
ab -1.2 FOOT is;an ACT;you're ACT
ab 1.1 FOOT okay;NUMBER NUMBER;front corner;into it;it forward;out again;second FOOT;side now;then SIDE
ab 1.1 weight over;you like
ab 1.2 FOOT touching;SIDE corner;SIDE hip;bow stance;cloud HAND;down first;in here;of you;with it;your HAND
ab 0.1 FOOT up;SIDE NUMBER
ab -1.1 HAND height;a low
ab 0.4 NUMBER times;SIDE side;heal ACT;of those;up straight;you are
ab 0.3 NUMBER weight;SIDE FOOT;SIDE bow;can ACT;weight back;which FOOT
ab -1.4 and again
ab -1.3 back ACT;number NUMBER
ab 1.9 behind you;with you
ab 1.3 for now;in front;same weight;the start;to it;wants to
ab 2.3 it is
ab -2.0 the first
ab 1.7 to you
ab -0.1 your FOOT
abx -0.5 ACT ACT ACT;ACT in and;ACT up breathe;ACT up my;FOOT ACT and;FOOT flat and;FOOT in front;FOOT in half
abx -0.5 FOOT out weight;FOOT up half;SIDE FOOT hold;a half ACT;and you ACT;back FOOT ACT;half ACT SIDE;it down ACT
abx -0.5 my SIDE FOOT;other side ACT;the first ACT;the front SIDE;the rear FOOT;you ACT SIDE
abx 1.1 ACT ACT all;NUMBER NUMBER FOOT;SIDE SIDE ACT;horse stance ACT;the FOOT you;the SIDE your
abx -0.6 ACT NUMBER ACT;ACT forward again;ACT in NUMBER;ACT off the;FOOT ACT NUMBER;FOOT in ACT;FOOT out and
abx -0.6 FOOT parallel and;HAND ACT breathe;NUMBER ACT SIDE;NUMBER degrees SIDE;SIDE FOOT back;SIDE FOOT in
abx -0.6 a small ACT;and ACT my;bow stance ACT;for NUMBER breaths;it out and;shoulder-width width apart
abx -0.6 the FOOT are;the FOOT weight;the SIDE hip;the SIDE until;the other FOOT;the other side;the side FOOT
abx -0.6 to ACT the
abx 1.0 ACT SIDE FOOT;ACT back the;ACT out and;FOOT up FOOT;NUMBER percent the;SIDE FOOT you're;and out in
abx 1.0 breath out breathe;breathe out SIDE;other FOOT ACT;the ACT with;the side ACT
abx -0.4 ACT SIDE and;ACT SIDE so;ACT it in;FOOT ACT up;FOOT ACT with;HAND ACT as;as you ACT;the in breath
abx -0.4 the waist SIDE;ward off SIDE;weight even ACT;you ACT and
abx 1.2 ACT SIDE the;ACT up ACT;behind you ACT;is ACT the;the back ACT
abx -0.7 ACT SIDE then;ACT SIDE weight;ACT ahead and;ACT down and;FOOT ACT first;FOOT ACT half;FOOT ACT your
abx -0.7 FOOT again and;FOOT first then;FOOT first weight;FOOT in weight;FOOT out NUMBER;FOOT out SIDE
abx -0.7 FOOT together HAND;SIDE FOOT can;SIDE FOOT forward;SIDE FOOT front;SIDE corner and;a ACT ACT;and ACT all
abx -0.7 and ACT with;and it ACT;back FOOT the;both FOOT bend;breathe out the;for NUMBER seconds;i ACT my
abx -0.7 into it and;last one ACT;let them ACT;the ACT FOOT;the FOOT stay;the SIDE diagonal;the SIDE next
abx -0.7 the SIDE over;the first NUMBER;the out breath;your SIDE HAND
abx -0.9 ACT back ACT;ACT it back;FOOT NUMBER ACT;FOOT down ACT;SIDE FOOT without;and ACT the;breathe in when
abx -0.9 the HAND ACT;the SIDE corner;the SIDE side;waist SIDE then
abx 1.3 ACT back FOOT;FOOT ACT SIDE;SIDE FOOT you;and out and
abx -0.8 ACT back SIDE;ACT back weight;ACT it and;ACT through ACT;ACT up your;FOOT now the;HAND down breathe
abx -0.8 SIDE FOOT ACT;SIDE FOOT SIDE;SIDE FOOT out;a ACT so;brush FOOT SIDE;into it the;let it ACT;the HAND exhale
abx -0.8 the SIDE front;the SIDE without;the floor if;them out and;you ACT exhale
abx -0.3 ACT back so;FOOT ACT forward;in front and;into it SIDE
abx -1.3 ACT forward ACT;ACT out SIDE;FOOT ACT in;the back FOOT;the front FOOT
abx 0.6 ACT forward breathe;FOOT first NUMBER;HAND down ACT;HAND up breathe;back SIDE SIDE;its FOOT ACT;on it the
abx 0.6 on the SIDE;out SIDE FOOT;to ACT your;you ACT on
abx -1.0 ACT in then;FOOT forward weight;SIDE ACT the;and ACT weight;breathe out and;breathe out when;hold it hold
abx -1.0 the SIDE FOOT;the SIDE let;the corner and;the weight ACT;you ACT you
abx 0.7 ACT it ACT;ACT through FOOT;FOOT ACT into;FOOT together FOOT;HAND ACT to;NUMBER seconds ACT;SIDE FOOT keep
abx 0.7 and ACT so;over NUMBER ACT;the ACT as;the SIDE onto;then SIDE ACT;to ACT and;to you so;weight ACT it
abx 0.5 ACT now the;FOOT back ACT;HAND ACT then;a ACT back;both FOOT on;down first ACT;the FOOT SIDE;the FOOT as
abx 0.5 the FOOT i;weight SIDE FOOT
abx -1.2 ACT up the;FOOT together and;and ACT it;onto it and;weight SIDE ACT;your ACT ACT
abx -1.4 FOOT ACT then;SIDE FOOT half;percent SIDE SIDE
abx 0.8 FOOT back SIDE;FOOT down and;FOOT flat ACT;HAND ACT forward;HAND ACT in;NUMBER NUMBER ACT;SIDE FOOT a
abx 0.8 back FOOT and;in front ACT;to SIDE SIDE;with it ACT;you ACT NUMBER
abx 0.9 FOOT down FOOT;NUMBER degrees the;SIDE FOOT with;it ACT SIDE;one FOOT ACT;out ACT to;the FOOT FOOT
abx 0.9 the FOOT now;then FOOT ACT;to ACT so;your SIDE ACT
abx -1.5 FOOT down weight;NUMBER NUMBER SIDE;the SIDE breathe
abx -1.1 FOOT first and;NUMBER NUMBER degrees;SIDE SIDE SIDE;the SIDE HAND;the SIDE and;the SIDE now;the side and
abx -1.1 width apart and;your SIDE FOOT
abx 0.3 FOOT in as;the weight the
abx 1.7 FOOT in the
abx -0.1 FOOT out ACT;SIDE FOOT my
abx -1.6 NUMBER NUMBER weight
abx 1.4 breathe in and;you can and
abx 1.6 the ACT the
abx 1.5 the FOOT the
abx 0.4 you ACT it
abx -0.0 your weight ACT
any -2.5 *
b 0.7 ACT;arrives;closer;degrees;direction;enough;forwards;high;instead;lungs;main;minute;rest;was
b 1.3 FOOT;alongside;behind;breathe;here;instep;loaded;sides;solid;started
b 0.8 HAND;around;arrive;backwards;contact;diagonally;fine;hanging;happy;hip;low;parry;punch;sideways;slightly
b 0.8 stool;tall;through;top;windows
b 1.5 SIDE;flat;itself;outwards;straight;work
b -3.2 a;then
b -1.1 about;because;between;brush;have;its;like;make;only;past;will;yes
b 1.0 across;altogether;back;crane;evenly;front;length;me;middle;north;o'clock;outside;soft;spot;stop;think
b 1.0 walking;way
b -0.9 after;any;easy;feel;finish;has;means;never;now;that
b 1.1 again;bow;breath;ears;far;floor;hang;level;nose;parallel;section;tail;wall;wide;wings
b 1.4 ahead;ear;touching
b -1.4 all;okay;or;people;what;while
b -1.0 an;feels;he;next;ok;position;should;sure;you'll
b -4.5 and
b 2.5 apart
b -0.8 are;called;end;gonna;got;last;look;once;ready;there's;third;till;torso;you
b -2.7 as;of
b -1.3 at;but;from;our;she
b 1.7 away;east;height
b -1.2 be;get;see;they;without
b 0.9 bent;clock;completely;even;home;it;leaning;line;lute;pushing;time;up
b -0.7 beside;body;can't;each;how;number;quarter;single;small;some;you've
b -1.6 big;hold;it's;not;until;with
b 2.1 breaths
b -1.7 by;i'm;no;that's;we're
b -0.6 can;check;does;doing;ex;might;notice;oh;performer;teacher;tiny;wait
b 2.2 comfortable
b 1.9 corner;equally;room
b 1.2 diagonal;door;first;forward;mane;them;there;wobbling;write
b -1.8 do;keep
b -1.5 don't;this;we'll;where
b -0.5 double;nice;own;stretch;which
b 1.6 down;inwards;wider;width
b 0.5 exhale;horse
b -2.3 for;my
b 0.6 fridge;inside;lead;light;outward;right;seconds;space;split;thigh;times;us;week
b -2.5 i
b -1.9 if;when;you're
b -2.0 into;onto
b -2.2 is
b -2.1 let;let's
b -2.4 on
b 1.8 out;side;together
b -3.0 so
b -4.8 the
b -2.6 to;we
b -0.4 tricky
b 0.4 try
b 2.0 yet
b -3.5 your
bx 1.0 ACT ACT;ACT last;ACT then;FOOT SIDE;FOOT we're;FOOT you're;SIDE into;backwards ACT;closer ACT;front the
bx 1.0 off ACT;percent the;up FOOT;write ACT
bx -0.7 ACT NUMBER;ACT a;ACT across;ACT all;ACT through;FOOT for;FOOT not;FOOT parallel;FOOT straight;HAND are
bx -0.7 HAND exhale;SIDE diagonal;SIDE on;again and;back into;beside the;body weight;cloud HAND;comfortable ACT
bx -0.7 degrees and;doesn't ACT;don't ACT;finish ACT;flat and;forward as;forward into;forward onto;half a;in HAND
bx -0.7 in half;inhale ACT;it hold;it if;it then;long breath;more weight;movement NUMBER;now we're;number NUMBER
bx -0.7 okay now;other side;out breath;out on;out your;over NUMBER;over your;past the;quarter ACT;she ACT
bx -0.7 small ACT;still ACT;there for;they ACT;to the;together HAND;touching the;up as;up my;width FOOT
bx -1.2 ACT SIDE;ACT it;FOOT together;NUMBER counts;NUMBER percent;away from;can ACT;down first;forward now;i ACT
bx -1.2 in NUMBER;now ACT;over the;weight SIDE;weight back;weight now
bx 0.7 ACT again;ACT we;FOOT a;FOOT i;FOOT that;FOOT with;HAND with;NUMBER now;SIDE a;SIDE onto;evenly ACT;it you
bx 0.7 north ACT;now FOOT;now NUMBER;out into;out the;over and;seconds ACT;side the;stance ACT;straight ACT
bx 0.7 through FOOT;together FOOT;weight up;width ACT
bx -0.5 ACT around;FOOT is;SIDE and;and then;as the;at the;back onto;back so;be ACT;has ACT;if you;in my;on your
bx -0.5 other SIDE;out and;out over;rear FOOT;so now;stance so;to finish;up from;were ACT;width away;you ACT
bx -2.4 ACT back
bx -2.1 ACT forward
bx -0.6 ACT forwards;ACT north;ACT straight;FOOT at;FOOT completely;FOOT in;FOOT it's;FOOT okay;FOOT out
bx -0.6 FOOT pointing;HAND as;HAND on;HAND up;NUMBER breaths;NUMBER then;SIDE until;back SIDE;back to;behind your
bx -0.6 chair if;degrees SIDE;don't let;down again;ex exhale;front and;in let;in this;in to;it over;leave the
bx -0.6 let's ACT;now SIDE;other FOOT;single whip;snake ACT;start ACT;that i;that the;up half;you don't
bx 0.9 ACT hold;ACT she;in now;it to;now with;out in;out now;weight and
bx 0.5 ACT inhale;ACT make;ACT one;NUMBER HAND;NUMBER back;NUMBER the;SIDE by;SIDE exhale;about ACT;beside SIDE
bx 0.5 first the;floor SIDE;forward ACT;forward the;out if
bx -0.8 ACT into;ACT you're;FOOT ACT;FOOT again;FOOT rest;FOOT stays;FOOT which;HAND hold;HAND look;NUMBER o'clock
bx -0.8 NUMBER seconds;a ACT;all the;behind the;exhale ACT;exhale and;exhale as;floor if;forward again
bx -0.8 forward when;in a;into the;now i;now i'm;of the;off the;one ACT;one NUMBER;one we;out weight;right let's
bx -0.8 right now;side FOOT;so ACT;stance SIDE;straight ahead;the weight;up your;waist SIDE;way and;without ACT
bx -1.4 ACT my;HAND ACT;NUMBER degrees;SIDE side;in front;on the
bx 1.1 ACT no;FOOT let;FOOT no;FOOT we;behind ACT;in SIDE;up i;up so
bx 0.8 ACT okay;FOOT FOOT;FOOT NUMBER;FOOT exhale;FOOT it;NUMBER weight;SIDE my;across and;behind and;bit now
bx 0.8 east ACT;forward FOOT;front ACT;parry and;that for;you and
bx -0.9 ACT onto;ACT over;SIDE front;SIDE hip;about NUMBER;back then;bend the;breath in;by ACT;exhale let;from the
bx -0.9 he ACT;in the;in when;my SIDE;my weight;onto the;out so;side so;the SIDE;thing ACT;top ACT;we ACT
bx -0.9 weight NUMBER;weight even;weight forward;weight in;with your
bx -1.0 ACT out;FOOT then;FOOT while;SIDE as;SIDE bow;SIDE corner;SIDE let's;SIDE without;again SIDE;and ACT
bx -1.0 both HAND;breath ACT;breathe out;i'm ACT;in inhale;it ACT;let the;now we;out when;together and;width apart
bx -1.0 your SIDE
bx 0.4 ACT that's;FOOT front;NUMBER FOOT;SIDE NUMBER;corner NUMBER
bx -1.9 ACT the;NUMBER NUMBER;behind you
bx -1.1 ACT them;FOOT only;FOOT touching;FOOT up;body ACT;both FOOT;bow stance;down as;forward and;forward weight
bx -1.1 half ACT;it all;out NUMBER;then ACT;we're ACT;you're ACT;your weight
bx -1.8 ACT up;side now
bx -2.2 ACT your
bx -1.5 FOOT are;breathe in;front FOOT;with the
bx -0.4 FOOT down;SIDE let;SIDE so;as you;corner ACT;in your;off SIDE;waist ACT
bx -2.3 FOOT first
bx 0.6 FOOT i'm;FOOT onto;FOOT what;SIDE out;SIDE that's;again now;again the;back ACT;degrees we;down ACT
bx 0.6 down the;first NUMBER;in ACT;it for;so let
bx -1.7 FOOT now;out as;through the
bx -1.3 FOOT stay;SIDE then;back FOOT;to ACT;weight ACT
bx 1.9 FOOT the
bx 1.2 FOOT this;across ACT;back the;instead ACT
bx 1.6 FOOT your
bx 1.7 HAND the;weight the
bx -2.7 SIDE FOOT
bx -2.6 SIDE HAND
bx -0.3 SIDE no;up breathe
bx 1.4 can and;degrees the;flat ACT
bx -0.1 down and
bx -1.6 first then
bx 1.3 it the
bxy 0.6 ACT ACT SIDE;ACT and the;FOOT ACT NUMBER;FOOT ACT forward;FOOT a ACT;FOOT forward weight;FOOT now ACT
bxy 0.6 FOOT onto the;FOOT the front;HAND ACT SIDE;HAND ACT out;NUMBER SIDE FOOT;NUMBER the SIDE;SIDE ACT forward
bxy 0.6 SIDE SIDE ACT;back FOOT first;down ACT your;in ACT your;in it ACT;we ACT back
bxy -1.0 ACT ACT all;ACT SIDE ACT;ACT the back;ACT weight back;FOOT ACT out;SIDE ACT SIDE;SIDE ACT it;SIDE ACT the
bxy -1.0 SIDE FOOT ACT;SIDE weight on;down and ACT;forward SIDE FOOT;inhale ACT the;up breathe in;waist ACT SIDE
bxy 0.8 ACT ACT and;ACT as the;ACT back ACT;ACT on a;FOOT ACT SIDE;FOOT in the;SIDE FOOT are;SIDE FOOT first
bxy 0.8 SIDE FOOT on;SIDE and breathe;and ACT with;back so ACT;corner ACT the;first weight ACT;floor ACT the
bxy 0.8 forward on the;in HAND down;is ACT on;it ACT the;together and ACT;up and breathe;up i ACT
bxy 0.5 ACT ACT down;FOOT ACT on;FOOT ACT with;FOOT front FOOT;NUMBER ACT out;SIDE ACT ACT;SIDE ACT to
bxy 0.5 SIDE FOOT together;SIDE SIDE HAND;floor SIDE FOOT;front ACT the;out let the
bxy 0.9 ACT ACT up;ACT in NUMBER;FOOT NUMBER ACT;SIDE the HAND;it and the;percent SIDE FOOT;percent the SIDE
bxy 0.9 weight ACT the
bxy -2.1 ACT ACT with
bxy 1.0 ACT HAND up;ACT let your;FOOT ACT onto;FOOT ACT the;FOOT ACT them;HAND ACT your;HAND the SIDE;it ACT SIDE
bxy 1.0 the SIDE back
bxy -1.2 ACT NUMBER percent;SIDE HAND ACT;out let them;through and ACT;weight ACT into
bxy -0.5 ACT SIDE HAND;FOOT and SIDE;FOOT don't ACT;FOOT is ACT;FOOT one NUMBER;FOOT your SIDE;HAND ACT breathe
bxy -0.5 SIDE FOOT in;SIDE FOOT the;SIDE so ACT;bend the SIDE;can ACT it;flat and ACT;forward with your
bxy -0.5 front SIDE corner;in as the;nose and out;now SIDE FOOT;up ACT SIDE;up my SIDE;we ACT the;weight ACT on
bxy -0.6 ACT all of;ACT and exhale;ACT half a;ACT it down;ACT so weight;FOOT next to;FOOT so ACT;FOOT that ACT
bxy -0.6 HAND ACT down;HAND and the;SIDE ACT up;SIDE FOOT up;SIDE NUMBER NUMBER;SIDE SIDE SIDE;SIDE and look
bxy -0.6 again ACT SIDE;back ACT ACT;back FOOT ACT;beside the SIDE;down FOOT first;half ACT with;now i'm ACT
bxy -0.6 on the SIDE;out ACT forward;out ACT up;out the SIDE;out when you;snake ACT down;you ACT onto
bxy -0.7 ACT all your;ACT and you;FOOT ACT one;FOOT FOOT FOOT;FOOT so it's;FOOT weight SIDE;SIDE ACT a;SIDE ACT in
bxy -0.7 SIDE and i;back ACT SIDE;breath ACT out;forward and ACT;forward the SIDE;into the SIDE;it hold it
bxy -0.7 my SIDE FOOT;onto the SIDE;out ACT it;out NUMBER ACT;out weight forward;over and ACT;over the SIDE
bxy -0.7 waist ACT to;weight ACT onto
bxy 1.1 ACT and as
bxy 1.2 ACT and then;SIDE a ACT;it with the;out ACT back
bxy -0.4 ACT as you;ACT i can;ACT the waist;FOOT back to;FOOT off the;HAND ACT across;HAND ACT back;HAND ACT over
bxy -0.4 SIDE FOOT back;SIDE FOOT down;behind the SIDE;in ACT it;in ACT to;in the HAND
bxy 0.4 ACT down ACT;FOOT FOOT up;FOOT now let;SIDE FOOT FOOT;SIDE weight ACT;you and ACT
bxy 0.7 ACT half ACT;ACT out ACT;FOOT ACT forwards;FOOT down ACT;FOOT i ACT;FOOT the HAND;FOOT the weight
bxy 0.7 FOOT through the;FOOT your weight;SIDE ACT HAND;SIDE my SIDE;SIDE onto the;back ACT back;back FOOT in
bxy 0.7 forward ACT back;side the SIDE;together ACT the;you ACT SIDE
bxy 1.3 ACT it ACT;ACT the ACT;SIDE and back;up HAND ACT
bxy 1.4 ACT so you
bxy -1.1 ACT that FOOT;ACT the weight;FOOT and ACT;SIDE SIDE FOOT
bxy -0.9 ACT the HAND;ACT your SIDE;FOOT and let;FOOT that's the;FOOT the SIDE;FOOT then ACT;HAND ACT up
bxy -0.9 corner and ACT;floor if you;in weight SIDE;out ACT down;to the SIDE;up SIDE HAND;up half a;weight ACT back
bxy -0.9 weight ACT to
bxy -0.8 ACT the SIDE;ACT weight forward;ACT your weight;FOOT ACT to;FOOT can ACT;FOOT the FOOT;FOOT then FOOT
bxy -0.8 FOOT to ACT;SIDE bow stance;SIDE brush FOOT;SIDE weight SIDE;back ACT into;can ACT the;corner FOOT first
bxy -0.8 forward NUMBER percent;front ACT your;half ACT up;here ACT the;in ACT the;in and ACT;out as you
bxy -0.8 there ACT the;up your SIDE;weight ACT forward;with the SIDE;you ACT on;you ACT the;your SIDE FOOT
bxy 0.2 FOOT ACT FOOT;FOOT ACT off;FOOT and i
bxy -1.5 FOOT ACT in;SIDE ACT out
bxy 1.9 FOOT ACT into;SIDE FOOT parallel
bxy 1.8 FOOT ACT your
bxy -0.3 FOOT all the;down SIDE FOOT;up ACT it
bxy 0.1 FOOT and the
bxy -1.6 NUMBER ACT your
bxy 0.0 SIDE ACT weight;SIDE the SIDE
bxy -1.4 back ACT the
bxy -1.3 corner ACT on;the SIDE FOOT
bxy 1.6 in weight to
w -1.9 #
w 0.5 a;don't;kissing;onto;or;our;single;split;us;you'll
w 0.9 about;check;exhale;should;towards;upright;wild
w -0.9 again;apart;last;say;so;straight;want;whip;yet
w 0.8 along;beside;door;hips;of;past;pushing;toward;watch;with
w 0.6 also;but;can;did;like;ready;sideways;stretch;threw;to
w 1.1 an;between;count;long;over
w -0.5 because;belly;feel;he;sorry;tall;try
w 1.0 by;left;makes;shared;than
w -0.6 comfortable;do;equal;hip;keep;need;until;we;while;wrong
w 0.7 counts;deep;distance;hold;isn't;leaves;lock;lungs;not;on;tightrope;what
w -0.8 degrees;flat;heal;lose;once;slightly;sure;we'll
w 0.4 ends;other;when
w -0.7 flying;get;lot;okay
w 1.2 for
w -1.0 i'm;me;way
w -1.1 let;let's
w -0.4 might;repulse
w 0.3 most
w -1.3 now
w -1.6 number
w 1.3 where
w 1.4 without
x 0.9 ACT;allow;golden;have;his;most;only;play;release;second;snap;today's;we;you've
x -1.1 FOOT;bit;breaths;forward;inwards;it;outward;past;slightly
x -1.7 a;at;with
x -2.4 about
x -1.3 across;between;has;me;percent;stays;straight;them;thing;too;wall;wide;yet
x 0.4 after;half
x -1.2 again;ahead;along;becomes;counts;evenly;till;touching;way;will
x -0.6 alongside;bent;brushes;important;little;makes;may;north;one's;passes;pointing;us;walking;whip
x 0.1 and
x -1.5 apart;away;hip;stance;width
x -1.4 around;flat;height;here;over;parallel;should;side;there
x 0.7 arrive;do;double;even;how;needle;nose;practise;try
x -0.8 back;diagonal;equally;for;instep;inward;line;more;outwards;soft;was;wider
x -1.0 backwards;feels;forwards;front;gets;home;level;o'clock;off;rests;seconds;tall;towards;under;yourself
x 1.0 begin;did;end;feel;grab;once;quarter;repulse;we're
x -2.6 behind
x 0.6 bend;both;equal;hang;i'll;stop;tidy;white
x -1.9 beside;but
x 1.1 big;brush;careful;exhale;last;make;never;other;wait;what's;you'll
x 2.4 breathe
x -2.2 by;through;to
x 0.8 change;crescent;ex;movement;third
x -0.7 closer;diagonally;forty-five;its;letting;means;solid
x -0.5 comfortable;fully;lead;leaves;not;threw
x -0.9 completely;doesn't;east;one;or;shoulder-width;than;they;toward;where
x -2.3 corner
x 1.3 count;fold;imagine;it's;shake;single
x 1.2 deflect;my;waist;when
x -1.6 degrees;in;like
x 1.6 don't;get;she;start;that's
x -3.2 down
x 2.1 finish
x 0.5 give;people;split;starting;which
x 1.4 he;i'm;keeping;let's;look;rest;stretch;think;weight
x 2.2 hold;ok
x 1.5 i;there's
x 1.9 if;next;watch
x 2.3 inhale;we'll
x -2.1 into;on;up
x -2.5 is
x -0.4 isn't
x 1.7 keep;number;pause;repeat;soften;stay
x 1.8 let;remember
x 2.0 notice;swap;then;what
x 2.6 now
x -3.4 of
x 3.3 okay
x -2.0 onto
x -2.8 out
x -1.8 round;together;until
x 0.2 those
xy -0.9 ACT ACT;ACT together;HAND by;SIDE ACT;SIDE NUMBER;instead ACT;to NUMBER;towards the;which is
xy 0.7 ACT HAND;ACT i;ACT me;HAND to;SIDE half;a ACT;and i'm;count to;do not;most of;now half;okay now;shake your
xy 0.7 start by;we'll ACT;weight ACT;with no
xy 1.4 ACT NUMBER;ACT all;back FOOT;check the;front FOOT;is your;so that's;you should
xy 0.5 ACT SIDE;ACT about;ACT forwards;ACT into;ACT wide;ACT you're;FOOT out;HAND ACT;forward again;hold it
xy 0.5 inhale ACT;look to;now ACT;now let;out NUMBER;rest there;so i've;start with;wait there;we ACT;you'll feel
xy 1.8 ACT a;NUMBER more
xy -0.8 ACT as;ACT like;ACT now;ACT so;FOOT and;NUMBER on;along the;beside the;if that's;is ACT;like you're;on it
xy -0.8 shoulder-width width;so you;toward the;with it
xy 1.3 ACT body;HAND over;and again;and forward;bend your;let's ACT;so from
xy 1.1 ACT both;ACT for;and i;be careful;can you;same on;so now;some of;that was;which FOOT;you end;you want
xy 0.8 ACT evenly;FOOT not;HAND look;SIDE is;and down;brush and;doing the;don't rush;ex exhale;for those;i'm ACT
xy 0.8 in breath;inhale and;let's have;now we;on the;once the;stay there;then it;with an
xy -0.6 ACT exhale;ACT inhale;ACT keep;NUMBER one;a bit;again FOOT;and onto;and slightly;and up;back down;by the
xy -0.6 flat ACT;hold a;into a;like a;now NUMBER;on both;only as;past the;the same;then out;then the
xy -1.0 ACT first;ACT straight;ACT then;are ACT;first ACT
xy -1.2 ACT hold;NUMBER degrees;as your;breathe out;off the;that ACT
xy -0.7 ACT if;ACT last;ACT of;ACT stance;FOOT now;SIDE corner;about NUMBER;and do;and it;and shake;behind you
xy -0.7 first then;i can;inhale HAND;it's not;my body;next time;onto it;so it's;stay down;the floor;to your
xy -0.7 until the;where it;while the
xy 0.9 ACT my;ACT yourself;FOOT of;HAND up;SIDE HAND;bend the;breath out;brush past;even weight;get your;last one
xy 0.9 next SIDE;now the;out to;part NUMBER;pause for;release the;some people;then all;then we;weight and
xy 0.9 you don't
xy 0.3 ACT on;the weight
xy 0.6 ACT onto;ACT tall;ACT towards;ACT until;FOOT flat;as you;back again;down ACT;exhale as;have a;have your
xy 0.6 hold for;in NUMBER;it is;keep breathe;never ACT;now SIDE;okay and;one ACT;play the;repeat on;right now
xy 0.6 shake it;side ACT;soften the;tidy up;to finish;up ACT;wait for;weight now;with about;your hip
xy 0.4 ACT slightly;can see;hold on;it ACT;without ACT
xy 1.0 ACT the;ACT to;FOOT over;HAND are;HAND down;NUMBER ACT;NUMBER i;SIDE FOOT;SIDE back;a lot;allow the
xy 1.0 breath in;he ACT;keep your;leave the;make sure;next we;on an;or ACT;quarter ACT;so first;that is;the next
xy 1.0 think of;those with;up on;we start;when the
xy -1.1 ACT you;SIDE SIDE;SIDE weight;a little;and hold;as we;before the;for a;now and;of the
xy 2.0 ACT your;in inhale
xy 1.2 FOOT are;FOOT shoulder-width;again weight;and that;and that's;and then;first thing;let me;so we
xy -0.5 FOOT forward;NUMBER o'clock;and let's;does the;even on;first the;in ACT;into the;leaves the;no weight
xy -0.5 onto the;that's your;the other;with my
xy 1.5 FOOT parallel;FOOT together;all right;and all;is that;this is;to get
xy -0.4 HAND the;and i'll;and out;half way;so let's;where your;you ACT
xy 1.9 SIDE let's;movement NUMBER;number NUMBER
xy 2.2 SIDE so
xy -0.2 all the;and the
xy -1.3 and NUMBER;can ACT;in front;then forward
xy 1.6 and now;and to;and when;exhale and
xy -0.3 and your;not the
xy -1.4 for NUMBER;now so
xy -0.0 my weight
xy -2.8 next to
xy -1.7 so that
xy -0.1 so you're
xy -2.0 then FOOT
xy 2.3 to do
xy -2.3 to the
xy 0.2 waist SIDE
xyz 0.6 ACT ACT and;ACT NUMBER is;ACT a big;ACT a bit;ACT down as;ACT now ACT;ACT with the;FOOT in line
xyz 0.6 FOOT to ACT;FOOT together weight;FOOT up FOOT;HAND ACT to;SIDE FOOT brush;SIDE FOOT is;SIDE brush FOOT
xyz 0.6 again ACT SIDE;an ACT stance;and ACT back;as you inhale;back FOOT out;back to ACT;both FOOT ACT
xyz 0.6 both FOOT the;bow stance NUMBER;breathe out and;don't ACT the;first ACT your;first SIDE FOOT
xyz 0.6 forward again onto;have your weight;if you can't;inhale as you;is that the;it ACT down;it then ACT
xyz 0.6 let's ACT it;make the SIDE;my SIDE HAND;now ACT forward;out NUMBER NUMBER;repeat on the;soften the FOOT
xyz 0.6 the FOOT don't;the weight ACT;then it ACT;then the weight;ward off SIDE;weight in your;with about NUMBER
xyz 0.6 you're ACT the;your weight is
xyz 1.5 ACT ACT forward;ACT back into;ACT back on;ACT up onto;ACT up with;all the weight;your SIDE FOOT
xyz -0.7 ACT ACT on;ACT NUMBER ACT;ACT SIDE weight;ACT back first;ACT back so;ACT forward FOOT;ACT it now
xyz -0.7 ACT last one;ACT onto it;ACT out FOOT;ACT out again;ACT the other;ACT through and;ACT up ACT;FOOT ACT the
xyz -0.7 HAND down ACT;NUMBER percent and;SIDE FOOT weight;SIDE HAND on;and ACT FOOT;and ACT behind;and ACT on
xyz -0.7 and out in;and the FOOT;and your FOOT;beside the SIDE;for the FOOT;it ACT to;now the weight;on the ACT
xyz -0.7 over the SIDE;the FOOT now;weight forward ACT
xyz -0.9 ACT ACT the;ACT on its;ACT the ACT;ACT your FOOT;NUMBER NUMBER and;NUMBER percent the;SIDE FOOT first
xyz -0.9 and ACT up;and you ACT;breathe out SIDE;i ACT the;the FOOT and;then ACT SIDE;weight ACT forward
xyz 1.8 ACT ACT with;your weight should
xyz 0.7 ACT SIDE ACT;ACT SIDE and;ACT all your;ACT around to;ACT is the;ACT it on;ACT out SIDE;ACT out to
xyz 0.7 ACT the lungs;ACT your ACT;FOOT NUMBER NUMBER;FOOT in ACT;a ACT with;about NUMBER thirds;and again SIDE
xyz 0.7 and out as;as the weight;back ACT SIDE;back ACT forward;bend the SIDE;count to NUMBER;exhale and ACT
xyz 0.7 forward onto the;if you lose;it ACT through;my back FOOT;now SIDE FOOT;now half ACT;now i'm ACT
xyz 0.7 on the last;over NUMBER counts;shake your FOOT;side ACT SIDE;so ACT on;start by ACT;there's a ACT
xyz 0.7 to do the;weight SIDE NUMBER;weight SIDE SIDE;with no weight;you can't ACT
xyz 0.9 ACT SIDE on;ACT and ACT;ACT back ACT;ACT down on;ACT forward onto;ACT one NUMBER;ACT out your
xyz 0.9 ACT the waist;FOOT ACT SIDE;FOOT is down;FOOT of the;NUMBER NUMBER in;SIDE FOOT ACT;SIDE FOOT back
xyz 0.9 SIDE the SIDE;and ACT and;and on the;and then i;and then we're;brush past the;i want you;in ACT the
xyz 0.9 let the breath;so let it;so we're ACT;the ACT FOOT;the back FOOT;the first ACT;then ACT down;there ACT the
xyz 0.9 weight back to;weight stays on;with your weight;you ACT you;you're ACT to;your SIDE HAND
xyz -0.5 ACT SIDE the;ACT across to;ACT on a;ACT over the;SIDE HAND forward;and breathe in;and out through
xyz -0.5 and the HAND;and then out;back FOOT first;breathe in and;breathe in breathe;even on both;for a moment
xyz -0.5 from the floor;it ACT the;let your HAND;off the floor;so that your;the SIDE ACT;then the whole
xyz -0.5 weight back onto;with your SIDE
xyz 0.8 ACT SIDE then;ACT a breath;ACT back over;FOOT ACT back;FOOT down weight;FOOT out SIDE;SIDE FOOT half
xyz 0.8 and ACT forward;and let it;as you do;back SIDE SIDE;brush and ACT;down ACT and;half ACT up;inhale and ACT
xyz 0.8 now let the;out to NUMBER;start with your;the FOOT are;the FOOT do;we ACT out;we do that
xyz -1.1 ACT a little;ACT out weight;as the waist;in the SIDE;we ACT back
xyz 0.5 ACT ahead and;ACT all the;ACT as you;ACT back weight;ACT for NUMBER;ACT out the;ACT through the;ACT to ACT
xyz 0.5 FOOT together #;HAND to your;HAND up breathe;SIDE FOOT FOOT;SIDE HAND up;as you exhale;back again and
xyz 0.5 begin with the;breath in as;by ACT the;he ACT the;it's the SIDE;look to the;my weight ACT;now ACT to
xyz 0.5 so i've got;the weight has;waist ACT to;we ACT forward;you ACT onto
xyz -0.2 ACT back FOOT
xyz 1.0 ACT back SIDE;ACT in with;ACT out with;ACT round to;ACT to your;FOOT ACT down;FOOT are parallel
xyz 1.0 FOOT parallel weight;FOOT together FOOT;NUMBER NUMBER on;NUMBER i ACT;SIDE ACT in;and ACT my;and SIDE and
xyz 1.0 breathe in for;breathe in when;down ACT the;from the top;let's do that;so all the;so we're in
xyz 1.0 the weight is
xyz -0.3 ACT back and
xyz 1.3 ACT back onto;ACT back with;ACT down with;ACT it down;ACT up tall;ACT up the;FOOT out with;back FOOT ACT
xyz 1.3 bend your FOOT;out ACT the;then the SIDE
xyz -0.6 ACT down FOOT;ACT in front;ACT through SIDE;ACT with you;FOOT are ACT;FOOT is ACT;FOOT out ACT
xyz -0.6 HAND down breathe;SIDE ACT the;SIDE FOOT NUMBER;SIDE FOOT and;SIDE FOOT can;SIDE FOOT touching
xyz -0.6 SIDE SIDE FOOT;all of it;and ACT #;and the front;as the HAND;breathe out #;exhale ACT the;half ACT ACT
xyz -0.6 i can ACT;if your ACT;on your SIDE;onto the FOOT;so ACT SIDE;so weight on;then ACT forward;we ACT it
xyz -0.6 while the SIDE;you ACT forward
xyz -0.8 ACT down first;ACT up half;NUMBER on the;and ACT with;both FOOT on;both FOOT to;so ACT it;so i can
xyz -0.8 then ACT out;to ACT the;weight SIDE weight;weight even ACT;weight forward SIDE;when you ACT
xyz 1.1 ACT down into;ACT it with;ACT on both;ACT them down;FOOT back down;HAND ACT up;SIDE FOOT straight;a lot of
xyz 1.1 and ACT again;both HAND ACT;half ACT with;on the in;other side ACT;same on the;the first thing
xyz 1.1 the waist ACT;up on the;you end up
xyz 0.3 ACT forward SIDE;ACT to NUMBER;ACT weight forward
xyz -0.4 ACT forward breathe;as your HAND;body ACT SIDE;from the FOOT;let the FOOT;you can ACT
xyz 1.2 ACT forward into;ACT through with;ACT up on;FOOT ACT and;FOOT down FOOT;FOOT shoulder-width width
xyz 1.2 both FOOT bend;breath ACT in;don't let the;for the next;the SIDE FOOT;the front FOOT;the rear FOOT
xyz 1.2 to ACT out
xyz 1.6 ACT forward with;and to finish;to finish ACT
xyz 1.4 ACT in the;ACT that FOOT;ACT with your;NUMBER ACT your;at the end;breathe in as;the FOOT of
xyz 2.0 ACT on your;NUMBER NUMBER weight
xyz 0.4 ACT onto the;NUMBER counts to;NUMBER percent on;i ACT my;on the other;the FOOT that's;we ACT onto
xyz 0.4 with the weight;your weight ACT
xyz -1.2 ACT out ACT;ACT up and;next to the
xyz -1.8 ACT the floor;NUMBER NUMBER degrees
xyz 1.7 ACT up your;to ACT forward;up ACT the
xyz -1.4 all the way;from the waist
xyz -1.0 and ACT into;as you ACT;on the floor;the FOOT down;the weight to;to the SIDE;weight on it;with the FOOT
xyz -0.1 and breathe out
xyz -1.3 as the SIDE;so the FOOT
xyz -1.7 breathe out ACT
xyz -1.6 breathe out now;with the SIDE
xyz -2.1 if you can;if you need;on the SIDE
xyz -2.0 on the FOOT
xyz 1.9 over the next;the ACT is;the SIDE HAND
xyz 0.1 then SIDE FOOT
xyz -1.9 then the FOOT
y -1.7 #
y -0.6 SIDE;be;because;don't;half;horse;letting;nose;outward;pushing;same;then;they;to
y 0.8 again;an;gonna;happens;lets;tall;yourself
y -0.8 along;bit;but;front;hip;let;rest;so;sorry;them;wings
y -1.3 and;way
y 0.5 any;called;leaning
y -1.1 apart;floor
y 1.0 are;breath;careful;lot;means;style;sure
y 1.2 begin;last
y -0.4 beginning;make;side
y 0.6 belly;ends;forget;is;most;position;relaxed;split;we;work;write;you're
y -0.5 bent;between;gentle;instead;o'clock;okay;walking;whole
y -1.0 beside;bow;even;hips;next;only;their
y -0.7 breaths;contact;corner;has;her;higher;if;leave;little;middle;punch;stays;today
y -1.4 degrees;far
y 0.7 doesn't;everything;finish;halfway;one;river;threw
y -0.9 equal;first;in;light;rests;stretch;touching
y -1.2 its;past;width
y 1.1 may
y 1.3 mistake;this;we've
y 0.4 right
y 0.9 teacher;there
y 1.4 thing
"""
