"""How much each sign speaks for a pause: its name, its weight, the words it is of. Made by `make learn`; not to be edited
by hand."""

TABLE = """\
a -1.0 #;again;bad;let's
a 0.9 NUMBER;becomes;behind;heal;onto;past;stays;wall;without
a 0.6 a;at;change;do;equal;ex;full;happy;important;mind;own;slightly;sorry;strike;they;through;ward;will
a -0.6 ahead;bent;but;good;okay;seconds;welcome;what
a 0.8 alongside;chest;clock;for;gets;opposite;pointing;shoulder-width;them;they'll;want
a -0.8 apart;counts;height;let;shake;should;when
a 0.5 are;doesn't;done;i'll;their;was;with
a -1.6 as
a 1.0 beach;gentle;of
a -0.7 before;flat;monkey;movement;punch;small;there;those;until;we'll;what's
a 1.1 beside;over;shorter;tailbone
a 1.3 bow;not
a 1.9 cat
a -0.9 corner;floor;if;inhale;we
a -1.2 end
a 0.7 everything;has;its;no;percent;same;slow;the;too;try;under
a -0.5 first;lets;parallel;top
a -0.3 middle
a 1.6 need
a -1.4 now;so
a 1.4 wants
a -1.3 we're
ab 0.7 ACT FOOT;ACT away;ACT right;FOOT completely;FOOT inwards;FOOT only;SIDE NUMBER;a minute;and out;and punch
ab 0.7 back first;begin with;bit so;down so;exhale ACT;for that;is up;its FOOT;its wings;straight ACT
ab 0.7 straight ahead;that ACT;that way;the body;the chair;the fridge;too far;with FOOT;you ACT
ab -1.1 ACT NUMBER;FOOT is;and there
ab 1.1 ACT across;FOOT in;SIDE in;cloud HAND;down first;half way;is comfortable;out again;out breath;pause here
ab 1.1 then SIDE;to it;weight over;with it
ab 0.6 ACT along;FOOT bend;NUMBER more;NUMBER o'clock;all ACT;back down;beside SIDE;beside it;doesn't ACT
ab 0.6 down flat;evenly distributed;ex exhale;forward weight;i do;in half;my FOOT;now ACT;okay ACT;onto it
ab 0.6 percent SIDE;percent back;ward off;we begin;width away;with SIDE
ab 0.4 ACT back;NUMBER times;SIDE front;can ACT;is ACT;you can;you should
ab 1.0 ACT in;ACT inward;ACT together;FOOT now;FOOT okay;FOOT straight;SIDE corner;and rest;at NUMBER;front HAND
ab 1.0 front corner;in parallel;on it;other FOOT;same weight;start with;they'll ACT
ab -0.5 ACT into;ACT slightly;ACT so;FOOT NUMBER;FOOT you;HAND exhale;a bow;a half;and now;bit ACT;first thing
ab -0.5 in now;is light;it FOOT;with an;your body
ab 0.8 ACT itself;FOOT behind;HAND forward;HAND hanging;SIDE now;a bit;and breathe;for you;in all;it back
ab 0.8 little bit;need to;no weight;not ACT;second FOOT;so SIDE;the ear;the heal;your breath
ab 1.6 ACT me;FOOT here;to you
ab -0.9 ACT one;ACT too;and it;and you;as you;is down;number NUMBER;straight back;the next;the second
ab 0.5 ACT tall;FOOT forward;HAND apart;NUMBER one;SIDE FOOT;a breath;and down;back wall;breathe in;corner FOOT
ab 0.5 down again;even up;forward again;hip width;in line;keep breathe;my HAND;one ACT;one o'clock;out SIDE
ab 0.5 that again;that is;the coat;way around
ab -0.6 ACT the;ACT your;FOOT can;FOOT so;FOOT weight;a nice;a small;and only;down now;half ACT;is right
ab -0.6 movement NUMBER;out now;the NUMBER;the out;the performer;the torso;waist SIDE;weight off;when you
ab -0.7 ACT to;ACT with;FOOT SIDE;FOOT and;FOOT it;NUMBER ACT;NUMBER now;SIDE weight;a SIDE;a big;by ACT;it NUMBER
ab -0.7 let me;let them;my weight;not too;percent in;small ACT;the breath;the inhale;you can't;you exhale
ab 0.9 FOOT across;NUMBER breaths;SIDE diagonal;a ACT;and ACT;and NUMBER;for NUMBER;horse stance;in front
ab 0.9 it forward;out NUMBER;the floor;the windows;them in;to ACT;to SIDE;we don't;weight even
ab 1.4 FOOT first;each FOOT;into it;wants to
ab -0.4 FOOT inhale;FOOT should;in SIDE;the FOOT
ab 1.3 FOOT touching;SIDE hip;on top;the start
ab 0.2 FOOT up;SIDE side;you are
ab -1.0 HAND height;NUMBER inhale;a FOOT;a low;weight in
ab -0.8 HAND up;brush FOOT;is forward;is in;out FOOT;the last;where it;your chair
ab 1.7 NUMBER NUMBER
ab 0.3 NUMBER degrees;don't ACT;forward SIDE;weight forward
ab 0.1 SIDE SIDE
ab -1.2 an ACT;you're ACT
ab -1.4 and again
ab 1.2 and exhale;in NUMBER;of you;side now;you like;your HAND
ab -1.3 back ACT
ab 2.1 behind you;it is
ab 1.5 other SIDE;then FOOT
ab -1.9 the first
ab 1.9 with you
abx -0.5 ACT ACT ACT;ACT SIDE and;ACT SIDE so;ACT in and;ACT it in;FOOT ACT NUMBER;FOOT ACT first;FOOT ACT with
abx -0.5 FOOT again and;FOOT flat and;FOOT in front;FOOT in half;FOOT parallel and;SIDE FOOT for;a half ACT
abx -0.5 and you ACT;back FOOT the;both FOOT bend;for NUMBER breaths;it down ACT;my SIDE FOOT;other side ACT
abx -0.5 the first ACT;the rear FOOT;your FOOT and
abx 1.0 ACT SIDE FOOT;ACT back the;FOOT back SIDE;FOOT down FOOT;FOOT up FOOT;NUMBER percent the;SIDE FOOT with
abx 1.0 SIDE FOOT you're;SIDE SIDE ACT;and out in;back FOOT and;it ACT SIDE;the side ACT
abx 0.8 ACT SIDE NUMBER;FOOT ACT FOOT;FOOT down and;FOOT flat ACT;HAND ACT forward;HAND ACT in;SIDE FOOT a
abx 0.8 in front ACT;out NUMBER ACT;the FOOT FOOT;to ACT so;your SIDE ACT
abx 0.9 ACT SIDE the;ACT forward breathe;ACT out and;ACT through FOOT;NUMBER degrees the;SIDE FOOT you;out ACT to
abx 0.9 over NUMBER ACT;the ACT with;the FOOT now;the FOOT you;then FOOT ACT;to ACT ACT;you ACT NUMBER
abx -0.9 ACT SIDE then;ACT forward ACT;SIDE FOOT in;SIDE FOOT without;a ACT so;breathe in when;hold it hold
abx -0.9 i ACT my;let it ACT;off SIDE ACT;the SIDE corner;the SIDE front;the SIDE side;the floor if
abx -0.7 ACT SIDE weight;ACT ahead and;ACT up breathe;FOOT ACT your;FOOT NUMBER ACT;FOOT first weight
abx -0.7 FOOT in weight;FOOT now the;FOOT out SIDE;SIDE FOOT can;SIDE corner and;a ACT ACT;and it ACT
abx -0.7 breathe out the;for NUMBER seconds;last one ACT;let them ACT;the ACT FOOT;the FOOT stay;the FOOT weight
abx -0.7 the SIDE diagonal;the SIDE over;the first NUMBER;the side FOOT;them out and;to ACT the;your SIDE HAND
abx -1.4 ACT back ACT;FOOT ACT then;FOOT down weight;FOOT together and;SIDE FOOT half;the SIDE breathe
abx 1.2 ACT back FOOT;ACT up ACT;behind you ACT
abx -1.5 ACT back SIDE
abx -0.6 ACT back so;ACT down and;ACT off the;ACT through ACT;ACT up my;FOOT down ACT;FOOT out NUMBER
abx -0.6 FOOT out weight;FOOT together HAND;FOOT up half;NUMBER degrees SIDE;SIDE FOOT back;SIDE FOOT hold
abx -0.6 SIDE FOOT out;a small ACT;and ACT all;and ACT my;into it and;out ACT ACT;shoulder-width width apart
abx -0.6 the FOOT are;the SIDE hip;the SIDE until;the floor and;the other FOOT;the other side;the out breath
abx -0.6 waist SIDE then
abx -0.8 ACT back weight;ACT it and;ACT it back;ACT up your;FOOT ACT half;FOOT out and;HAND ACT breathe
abx -0.8 SIDE FOOT ACT;SIDE FOOT SIDE;SIDE FOOT now;and ACT weight;and ACT with;brush FOOT SIDE;it out and
abx -0.8 the HAND exhale;the SIDE let;the SIDE without;the corner and;ward off SIDE;you ACT exhale;your SIDE and
abx -1.0 ACT in then;FOOT first and;HAND down breathe;SIDE ACT the;breathe out when;the HAND ACT;the front SIDE
abx -1.0 the side and;width apart and
abx 0.7 ACT it ACT;FOOT ACT into;HAND ACT to;NUMBER seconds ACT;SIDE FOOT keep;and ACT so;on the SIDE
abx 0.7 other FOOT ACT;the SIDE onto;then SIDE ACT;with it ACT
abx 0.5 ACT now the;FOOT first SIDE;both FOOT on;the FOOT i;the SIDE the;the weight the;then ACT SIDE;to ACT in
abx 0.5 we ACT ACT;you ACT it
abx -1.3 ACT out SIDE;SIDE SIDE SIDE;percent SIDE SIDE;the back FOOT;the front FOOT
abx -1.2 ACT up the;NUMBER NUMBER SIDE;and ACT the;the SIDE and;the SIDE now;weight SIDE ACT
abx 1.1 FOOT ACT SIDE;breathe out SIDE;the SIDE your;the back ACT
abx -0.4 FOOT ACT and;FOOT ACT up;FOOT in ACT;FOOT in and;HAND ACT as;as you ACT;in front and;the middle and
abx -0.4 you ACT SIDE;your body weight
abx -0.3 FOOT ACT forward;SIDE FOOT front
abx -1.1 FOOT ACT in;NUMBER NUMBER degrees;NUMBER NUMBER weight;and ACT it;breathe out and;onto it and
abx -1.1 the SIDE FOOT;the SIDE HAND;the weight ACT;you ACT you;your SIDE FOOT
abx 1.7 FOOT in the
abx -0.1 FOOT out ACT
abx 0.6 FOOT together FOOT;HAND ACT SIDE;HAND ACT then;HAND down ACT;NUMBER NUMBER ACT;SIDE FOOT we;a ACT back
abx 0.6 down first ACT;one FOOT ACT;out SIDE FOOT;the ACT as;the FOOT SIDE;the FOOT out;to ACT and;to ACT your
abx 0.6 you ACT on
abx 0.4 SIDE ACT and;back SIDE SIDE
abx 0.3 SIDE side and
abx -0.2 bow stance ACT
abx 1.4 breathe in and;horse stance ACT
abx 1.3 is ACT the
abx 1.5 the FOOT the
any -2.6 *
b 0.7 ACT;arrives;back;closer;direction;far;fridge;high;hip;hips;instead;light;minute;rest;split;top;us;was
b 1.2 FOOT;again;behind;crane;first;floor;hang;middle;parallel;sides;started
b 0.8 HAND;arrive;diagonally;forwards;hanging;happy;leaning;line;parry;punch
b -0.7 NUMBER;can't;doing;having;how;look;never;once;pause;quarter;single;small;that;there's;till;torso;you
b -0.7 you've
b 1.4 SIDE;alongside;here;instep;outwards;solid;there;touching
b -3.1 a;then
b -1.3 about;at;from;or;our;she;while
b 0.9 across;around;backwards;bent;degrees;home;length;low;lute;me;pushing;right;sideways;stop;tall;windows
b -0.9 after;between;easy;feels;finish;has;its;now;should;sure;will
b 1.3 ahead;breathe;diagonal;door;ear;level;mane;wall
b -1.4 all;people;this;we'll;what;where
b 1.0 altogether;clock;completely;even;evenly;soft;them;time;up;walking;way
b -0.8 an;are;called;end;feel;got;last;means;next;number;position;ready;third
b -4.5 and
b 2.4 apart
b -2.7 as;of
b 1.7 away;height;out;straight
b -1.2 be;big;but;make;okay;see
b -1.0 because;brush;get;have;he;like;ok;only;you'll
b -0.6 beside;body;does;each;nice;oh;performer;some;teacher;wait;would
b -0.4 bottom
b 1.1 breath;ears;it;north;o'clock;section;tail;think;through;wide;wings;write
b 2.1 breaths;comfortable;equally
b -1.6 by;hold;no;until
b 0.5 coat;in
b 2.0 corner
b 0.6 distributed;else;seconds;slightly;space;thigh;times;try;week
b -1.7 do;i'm;keep;that's;we're
b -1.5 don't;it's;not;with
b -0.5 double;find;stretch;which
b 1.6 down;flat;front;inwards;itself;wider
b 1.8 east;side;yet
b -2.1 for;is
b 1.5 forward;width;work
b -2.5 i;we
b -1.9 if;let;let's;onto;you're
b -2.0 into
b -2.3 my;on
b -1.1 past;they;without;yes
b 1.9 room;together
b -2.9 so
b -4.6 the
b -2.6 to
b -1.8 when
b -3.4 your
bx 1.0 ACT ACT;ACT last;FOOT FOOT;FOOT SIDE;FOOT let;FOOT we're;FOOT you're;SIDE into;closer ACT;percent the
bx 1.0 up FOOT;up i;weight and;write ACT;you and
bx -0.9 ACT NUMBER;ACT onto;ACT over;SIDE corner;SIDE let's;bend the;both HAND;breath ACT;breath in;breathe out
bx -0.9 by ACT;floor if;he ACT;in a;in when;it ACT;my weight;now we;onto the;side FOOT;the SIDE;thing ACT
bx -0.9 waist SIDE;weight now;width apart;with your;your SIDE
bx -1.3 ACT SIDE;FOOT stay;HAND ACT;NUMBER degrees;SIDE side;in NUMBER;weight ACT
bx -0.6 ACT a;ACT across;ACT forwards;ACT north;FOOT at;FOOT completely;FOOT for;FOOT is;FOOT it's;FOOT pointing
bx -0.6 HAND exhale;HAND on;HAND up;SIDE on;SIDE until;again and;all the;back SIDE;behind your;body weight
bx -0.6 cloud HAND;corner ACT;degrees SIDE;degrees and;don't let;down again;exhale as;finish ACT;floor and
bx -0.6 forward into;forward onto;front and;having ACT;in to;it if;let's ACT;movement NUMBER;now we're;other FOOT
bx -0.6 out on;out over;over NUMBER;rear FOOT;right now;start ACT;that i;they ACT;together HAND;up from
bx -1.0 ACT all;FOOT while;NUMBER counts;NUMBER percent;SIDE as;SIDE without;and ACT;body ACT;forward and;i'm ACT
bx -1.0 in the;let the;out NUMBER;out when;top ACT;you're ACT
bx -0.5 ACT around;FOOT okay;FOOT out;FOOT rest;NUMBER breaths;NUMBER o'clock;SIDE we;and then;as the;as you
bx -0.5 at the;back to;be ACT;corner and;down if;exhale ACT;exhale and;in your;let your;next we;on your
bx -0.5 single whip;snake ACT;so now;were ACT;width away
bx -2.4 ACT back;SIDE HAND
bx -2.0 ACT forward
bx 0.9 ACT hold;ACT she;ACT then;FOOT it;SIDE the;back ACT;backwards ACT;front ACT;now with;out in;out now
bx 0.9 out the;through FOOT
bx 0.5 ACT inhale;ACT now;ACT one;ACT with;FOOT i'm;SIDE by;SIDE exhale;again now;bit now;through SIDE
bx -0.8 ACT into;FOOT in;FOOT stays;HAND look;SIDE bow;SIDE hip;a ACT;back then;both FOOT;forward again;from the
bx -0.8 in let;into the;it FOOT;my SIDE;off SIDE;out weight;side so;so ACT;stance so;straight ahead;the weight
bx -0.8 there for;up your;way and;we ACT;weight NUMBER;weight even;weight forward;weight in
bx -1.4 ACT it;ACT my;FOOT are;now ACT;on the
bx 0.6 ACT make;ACT we;FOOT let's;FOOT what;FOOT you;NUMBER HAND;NUMBER back;NUMBER weight;again the;beside SIDE
bx 0.6 down ACT;first NUMBER;first the;forward ACT;in ACT;it for;it with;out breathe;so let;together FOOT
bx 0.8 ACT no;ACT okay;FOOT NUMBER;FOOT a;FOOT both;FOOT exhale;FOOT that;SIDE a;SIDE out;SIDE waist;behind and
bx 0.8 east ACT;in SIDE;it to;over and;parry and;side the;that for
bx -0.7 ACT out;ACT through;ACT you're;FOOT ACT;FOOT again;FOOT forward;FOOT not;FOOT parallel;FOOT which;HAND are
bx -0.7 NUMBER seconds;SIDE diagonal;about NUMBER;back into;behind the;beside the;bow stance;don't ACT;flat and
bx -0.7 forward as;forward when;in half;in my;in this;inhale ACT;it hold;it over;it then;long breath;more weight
bx -0.7 now i;now i'm;number NUMBER;of the;off the;one ACT;one we;other side;out so;out your;over your;past the
bx -0.7 quarter ACT;she ACT;small ACT;stance SIDE;still ACT;that the;touching the;up as;up breathe;up my
bx -0.7 without ACT;you ACT;you breathe
bx 0.4 ACT that's;corner NUMBER
bx -1.5 ACT the;NUMBER NUMBER;breathe in;can ACT;to ACT;with the
bx -1.1 ACT them;FOOT only;FOOT then;FOOT together;FOOT touching;FOOT up;HAND hold;SIDE front;SIDE then;down as
bx -1.1 forward weight;half ACT;in inhale;it all;over the;then ACT;together and;we're ACT
bx -1.8 ACT up;first then
bx -2.3 ACT your
bx 0.7 FOOT body;FOOT i;FOOT onto;FOOT we;FOOT with;HAND with;NUMBER FOOT;NUMBER now;SIDE onto;SIDE that's
bx 0.7 degrees we;down the;evenly ACT;forward FOOT;forward the;in now;north ACT;now FOOT;seconds ACT;straight ACT
bx 0.7 up HAND;weight up;width ACT
bx -0.4 FOOT down;SIDE and;SIDE let;back and;if you;is now;middle and;up and
bx -2.2 FOOT first
bx 1.4 FOOT no;FOOT your;degrees the;flat ACT
bx -1.2 FOOT now;away from;back FOOT;down first;forward now;i ACT;out breath;to the;weight SIDE;weight back
bx -1.2 your weight
bx 1.9 FOOT the
bx 1.5 HAND the
bx -2.6 SIDE FOOT
bx -0.2 SIDE no
bx -0.3 SIDE so;waist ACT
bx 1.1 across ACT;behind ACT;front the;up so
bx 1.2 back the;instead ACT
bx -1.7 behind you;front FOOT;out as;through the
bx -1.6 in front;side now
bx 1.6 it the
bx 1.7 weight the
bxy 0.4 ACT ACT SIDE;ACT down ACT;FOOT in ACT;FOOT now let;NUMBER ACT out;SIDE ACT ACT
bxy 0.8 ACT ACT and;ACT ACT up;ACT back ACT;ACT on a;FOOT ACT NUMBER;FOOT in the;FOOT now ACT;FOOT the weight
bxy 0.8 SIDE ACT forward;SIDE FOOT first;SIDE SIDE HAND;SIDE and breathe;and ACT with;corner ACT the;floor ACT the
bxy 0.8 forward ACT back;in HAND down;it ACT SIDE;it ACT the;up i ACT
bxy 0.5 ACT ACT down;ACT in NUMBER;FOOT ACT on;SIDE the HAND;back ACT your;back and the;forward and the;is ACT on
bxy 0.5 out let the
bxy -0.6 ACT ACT forward;ACT all your;ACT and exhale;FOOT ACT to;FOOT and breathe;FOOT so ACT;FOOT that ACT
bxy -0.6 SIDE ACT a;SIDE SIDE SIDE;back ACT SIDE;back ACT into;behind you ACT;beside the SIDE;down FOOT first
bxy -0.6 forward the SIDE;half ACT with;here ACT the;in ACT SIDE;now i'm ACT;on the SIDE;out ACT it;out ACT up
bxy -0.6 out NUMBER ACT;out and the;out when you;over and ACT;up my SIDE
bxy -0.7 ACT ACT on;ACT and you;ACT the FOOT;ACT your SIDE;FOOT can ACT;FOOT so it's;FOOT then FOOT
bxy -0.7 FOOT weight SIDE;SIDE ACT in;SIDE and i;again ACT SIDE;can ACT it;corner and ACT;into the SIDE;it hold it
bxy -0.7 my SIDE FOOT;onto the SIDE;over the SIDE;to the SIDE;up ACT SIDE;up breathe in;up your SIDE;waist ACT to
bxy -0.7 weight ACT forward;weight ACT onto;you ACT on;you ACT the
bxy -2.0 ACT ACT with
bxy -0.4 ACT FOOT together;ACT all of;ACT as you;ACT i can;ACT the body;FOOT ACT over;FOOT all the;FOOT back to
bxy -0.4 FOOT don't ACT;HAND ACT across;HAND ACT back;SIDE FOOT back
bxy 1.2 ACT HAND up;ACT so you;ACT the ACT;SIDE a ACT;back so ACT;weight ACT the
bxy -1.1 ACT NUMBER percent;FOOT ACT out;FOOT the SIDE;SIDE ACT SIDE;SIDE HAND ACT;SIDE SIDE FOOT;SIDE the SIDE
bxy -1.1 weight ACT into
bxy -1.4 ACT SIDE ACT;NUMBER ACT your;SIDE ACT out
bxy 0.6 ACT and the;ACT as the;FOOT ACT forward;FOOT a ACT;FOOT the front;FOOT your weight;HAND ACT out
bxy 0.6 SIDE ACT to;back FOOT first;degrees ACT the;in it ACT;we ACT back;weight the SIDE
bxy 1.1 ACT and then;HAND the SIDE;up HAND ACT
bxy 0.7 ACT half ACT;ACT out ACT;FOOT ACT SIDE;FOOT ACT forwards;FOOT down ACT;FOOT i ACT;FOOT onto the
bxy 0.7 FOOT the HAND;FOOT through the;SIDE ACT HAND;SIDE FOOT on;SIDE onto the;back ACT back;back FOOT in
bxy 0.7 side the SIDE;together ACT the;you ACT SIDE
bxy 1.3 ACT it ACT;out ACT back
bxy -0.5 ACT it down;FOOT one NUMBER;HAND ACT breathe;HAND ACT down;HAND ACT over;HAND and the;NUMBER NUMBER one
bxy -0.5 SIDE FOOT in;SIDE FOOT the;SIDE weight SIDE;back ACT ACT;behind the SIDE;first and then;flat and ACT
bxy -0.5 out ACT forward;out the SIDE;snake ACT down;we ACT the;you ACT onto;you breathe in
bxy -1.0 ACT that FOOT;ACT the HAND;ACT the back;ACT the weight;ACT your weight;FOOT and ACT;FOOT and let
bxy -1.0 SIDE ACT the;SIDE FOOT ACT;down and ACT;through and ACT;waist ACT SIDE
bxy -1.2 ACT the SIDE;SIDE ACT it;back ACT the;out let them;the SIDE FOOT
bxy -0.8 ACT weight back;ACT weight forward;FOOT that's the;FOOT the FOOT;FOOT then ACT;FOOT to ACT;SIDE bow stance
bxy -0.8 SIDE weight on;can ACT the;forward NUMBER percent;front ACT your;half ACT up;in ACT it;in and ACT
bxy -0.8 in weight SIDE;it ACT out;out ACT down;out as you;up ACT it;up SIDE HAND;weight ACT back;your SIDE FOOT
bxy 0.3 FOOT ACT FOOT;FOOT ACT with;SIDE SIDE ACT
bxy -1.5 FOOT ACT in
bxy 1.9 FOOT ACT into;SIDE FOOT parallel
bxy 0.2 FOOT ACT off
bxy 1.0 FOOT ACT onto;FOOT ACT the;FOOT ACT them;HAND ACT your;it with the;up and breathe
bxy 1.8 FOOT ACT your
bxy 0.9 FOOT NUMBER ACT;first weight ACT;forward on the;it and the;percent the SIDE
bxy -0.9 HAND ACT up;corner FOOT first;floor if you;forward and ACT;in ACT the;inhale ACT the;up half a
bxy -0.9 weight ACT to;with the SIDE
bxy 0.1 SIDE ACT weight
bxy -0.3 SIDE FOOT down;down SIDE FOOT;in the HAND
bxy 1.4 in weight to
w -1.9 #
w 0.6 a;fold;like;onto;sideways;stretch;to;towards;wait;what
w 0.8 about;door;hold;lock;past;toward;watch;with
w -0.7 again;do;flying;here;lot;o'clock;once;tall;until;yet
w 0.7 along;beside;counts;distance;hips;isn't;leaves;not;on;pushing;than;threw;tightrope;under;wild
w 1.1 an;makes
w -0.9 apart;i'm;last;want;we
w -0.4 belly
w 1.5 between
w 1.3 by
w 1.2 check;for;over
w -0.5 comfortable;equal;feel;hip;sorry;there's;try
w 1.4 count;where;without
w -0.8 degrees;flat;get;okay;say;slightly;sure;we'll;while;whip
w 0.5 did;kissing;or;single;split;tying;us
w 0.4 don't;most;one;other;our;same;times;you'll
w 0.9 exhale;of;should
w -0.6 heal;keep;need;till;wrong
w 1.0 left;long;shared
w -1.4 let;now
w -1.2 let's
w -1.0 lose;me;so;way
w -1.5 number
w -0.3 repulse
w 0.3 when
x 0.9 ACT;allow;brush;did;equal;even;feel;golden;grab;most;my;needle;only;play;quarter;release;you've
x -1.0 FOOT;counts;forwards;it;level;me;outward;percent;rests;seconds;slightly;tall;under;where;yourself
x -1.7 a;but;round;until;with
x -2.3 about;corner
x -1.2 across;again;evenly;has;here;stance;stays;touching;way;wide;yet
x 0.4 after;which;your
x -1.1 ahead;along;becomes;between;bit;breaths;forward;front;inwards;over;past;till;wall;will
x -0.6 alongside;bent;brushes;diagonally;makes;means;north;passes;pointing;thigh;us;walking
x -1.4 apart;flat;height;hip;parallel;should
x -1.3 around;side;them;thing;too
x 0.7 arrive;bend;end;hang;other;tidy;waist;what's
x -1.6 at;in;like
x -1.5 away;degrees;there;width
x -0.8 back;diagonal;doesn't;equally;home;instep;line;more;one;or;shoulder-width;soft;than;wider
x -0.9 backwards;completely;east;feels;gets;off;toward;towards
x 1.1 begin;last;make;rest;when;you'll
x -2.5 behind
x -1.9 beside;straight;together
x 0.8 big;careful;have;how;movement;second;third;we
x 2.3 breathe;hold;inhale
x -2.1 by;through;to;up
x 0.6 cloud;do;ex;half;having;i'll
x -0.5 comfortable;fully;important;leaves;little;threw;whip
x 1.4 count;fold;i'm;keeping;repeat
x 1.2 deflect;exhale;it's;wait;weight
x 1.6 don't;get;keep;look;notice;pause;she;start;that's;watch
x -3.1 down
x 2.1 finish
x -0.7 for;forty-five;inward;its;letting;not;o'clock;one's;outwards;resting;solid;was
x 0.5 give;people;practise;split;starting
x 1.5 he;i;let's
x 1.0 his;never;once;repulse;think;today's;we're
x 1.9 if;let;then;what
x 1.3 imagine;shake;single;stretch
x -2.0 into;on
x -2.4 is
x -0.4 isn't
x 1.7 next;number;there's
x 2.5 now
x -3.3 of
x 2.2 ok;we'll
x 3.2 okay
x -2.2 onto
x -3.0 out
x 1.8 remember;soften;stay
x 2.0 swap
x 0.2 those
xy -0.8 ACT ACT;ACT exhale;ACT like;ACT so;FOOT and;NUMBER on;SIDE NUMBER;a little;along the;beside the;if that's
xy -0.8 it's not;like you're;on it;shoulder-width width;so it's;to NUMBER;toward the;which is;with it
xy 0.8 ACT HAND;ACT yourself;FOOT not;HAND look;SIDE is;all right;allow the;and down;and i'm;and on;and then
xy 0.8 breath in;doing the;exhale as;i'm ACT;inhale and;last one;repeat on;so first;stay there;the next;to finish
xy 0.8 weight now
xy 1.3 ACT NUMBER;FOOT shoulder-width;back FOOT;bend your
xy 0.7 ACT SIDE;ACT evenly;ACT me;FOOT over;HAND over;HAND to;HAND up;and that;back again;brush and;for those
xy 0.7 most of;now ACT;play the;shake it;shake your;start by;then we;tidy up;weight ACT;weight is;you'll feel
xy 1.9 ACT a;number NUMBER
xy 0.5 ACT about;ACT forwards;ACT slightly;ACT wide;FOOT bend;FOOT don't;SIDE out;and keep;careful not;down ACT
xy 0.5 have a;hold for;inhale ACT;keep breathe;let's have;never ACT;now let;side ACT;so i've;start with
xy 0.5 wait there
xy 1.4 ACT all;FOOT together;and again;is your;so from;so that's
xy -0.7 ACT as;ACT last;ACT now;SIDE corner;a bit;about NUMBER;and look;back down;i can;stay down;the floor
xy -0.7 then out
xy 1.0 ACT body;ACT the;FOOT are;HAND are;NUMBER i;SIDE FOOT;a lot;breath out;don't rush;he ACT;keep your
xy 1.0 leave the;make sure;next we;pause for;that is;up on
xy 1.1 ACT both;ACT to;NUMBER ACT;SIDE let's;and i;be careful;can you;let's ACT;or ACT;that was;think of;when the
xy 1.1 you end;you want
xy -0.9 ACT first;ACT then;ACT together;HAND by;are ACT;as we;first ACT;first then;half a;instead ACT;is ACT
xy -0.9 towards the;your FOOT
xy 0.6 ACT for;ACT into;ACT it;ACT onto;ACT tall;ACT until;ACT you're;FOOT flat;a ACT;as you;do not;ex exhale
xy 0.6 forward again;forward weight;have your;now we;now we're;okay and;one ACT;right back;soften the;then a
xy 0.6 then all;then it;up ACT;waist SIDE;we'll ACT;weight into;without ACT
xy -1.2 ACT hold;NUMBER degrees;as your;in front;that ACT
xy -0.6 ACT if;ACT inhale;ACT of;ACT stance;ACT straight;FOOT now;and do;behind you;by the;flat ACT;into a;like a
xy -0.6 my body;no weight;only as;past the;the other;the same;to your;until the;while the;with my
xy 0.9 ACT my;bend the;brush past;get your;having ACT;in breath;now the;on the;part NUMBER;quarter ACT
xy 0.9 release the;same on;some of;some people;those with;we start;weight and;with an
xy 0.3 ACT on;HAND ACT;my weight
xy -1.1 ACT you;SIDE SIDE;for a;of the
xy 2.0 ACT your;SIDE so;movement NUMBER
xy 1.2 FOOT of;again weight;first thing;is that;let me;so now;so we;which FOOT
xy 1.5 FOOT parallel;and forward;and that's;front FOOT;to get
xy 1.8 NUMBER more;and to;in inhale
xy -0.5 NUMBER one;and exhale;and it;and let's;and shake;and up;does the;first the;half way;into the;leaves the
xy -0.5 on both;so you;that's your
xy 0.4 SIDE HAND;can see;get up;now that;we ACT
xy -1.0 SIDE weight;and NUMBER;and hold;before the;breathe out;now and
xy -0.4 and feel;and i'll;between both;onto the
xy 1.7 and now;exhale and
xy -0.2 and out;and the;and your
xy 1.6 and when;this is
xy -1.3 can ACT;off the;then forward
xy -1.4 for NUMBER;now so
xy -2.6 next to
xy -0.3 so let's;where your
xy -2.2 so that
xy -1.9 then FOOT
xy 2.3 to do
xy -2.3 to the
xyz 0.6 ACT ACT and;ACT NUMBER degrees;ACT NUMBER is;ACT SIDE and;ACT a big;ACT a bit;ACT down as;ACT it all
xyz 0.6 ACT now ACT;ACT round to;ACT through the;ACT with the;FOOT ACT back;FOOT in line;FOOT together weight
xyz 0.6 FOOT up FOOT;SIDE HAND up;again ACT SIDE;an ACT stance;as you inhale;back FOOT out;back onto the
xyz 0.6 back to ACT;bow stance NUMBER;first ACT your;forward again onto;inhale as you;it's the SIDE;now we're ACT
xyz 0.6 over NUMBER counts;soften the FOOT;the weight has;to do the;ward off SIDE;we ACT forward;we ACT onto
xyz 0.6 weight in your;you're ACT the
xyz 1.5 ACT ACT forward;ACT back into;ACT back on;ACT back onto;ACT up your;breathe in as
xyz -0.6 ACT ACT on;ACT a ACT;ACT now the;ACT over the;ACT them out;ACT through SIDE;ACT up ACT;SIDE FOOT can
xyz -0.6 SIDE FOOT through;SIDE FOOT weight;all of it;and ACT on;and the FOOT;and the front;and then out
xyz -0.6 breathe in breathe;exhale ACT the;leave the FOOT;off the floor;on your SIDE;so ACT SIDE;so ACT it
xyz -0.6 so weight on;weight SIDE weight;while the SIDE
xyz -0.5 ACT ACT out;ACT ACT your;ACT SIDE the;ACT across to;ACT forward the;ACT on a;FOOT is ACT;SIDE FOOT NUMBER
xyz -0.5 and ACT #;back FOOT first;both FOOT to;breathe out #;for the FOOT;from the floor;i can ACT;if your ACT
xyz -0.5 it ACT to;let the FOOT;let your HAND;onto the FOOT;so that your;the weight in;then ACT forward
xyz -0.5 weight back onto;with your SIDE
xyz -0.9 ACT ACT the;ACT the ACT;NUMBER percent the;SIDE FOOT first;and ACT into;and ACT up;as you ACT
xyz -0.9 breathe out SIDE;with the FOOT
xyz 1.7 ACT ACT with;to ACT forward;up ACT the
xyz -0.7 ACT NUMBER ACT;ACT SIDE weight;ACT back first;ACT back so;ACT forward FOOT;ACT from the;ACT in front
xyz -0.7 ACT last one;ACT out FOOT;ACT out again;ACT through and;ACT up half;FOOT ACT the;NUMBER NUMBER NUMBER
xyz -0.7 NUMBER percent and;SIDE FOOT and;SIDE FOOT touching;and ACT with;and out in;and your FOOT;beside the SIDE
xyz -0.7 both FOOT on;now the weight;on the ACT;the FOOT now;we ACT it;weight ACT forward;weight forward SIDE
xyz -0.7 when you ACT
xyz 0.7 ACT SIDE ACT;ACT is the;ACT out SIDE;ACT that FOOT;FOOT ACT then;FOOT down weight;FOOT in ACT
xyz 0.7 HAND up breathe;NUMBER thirds of;SIDE ACT in;SIDE FOOT back;SIDE the SIDE;a ACT with;about NUMBER thirds
xyz 0.7 and ACT back;and ACT forward;and again SIDE;as you do;back ACT SIDE;back ACT forward;both FOOT the
xyz 0.7 brush and ACT;first SIDE FOOT;have your weight;let's ACT it;let's do that;make the SIDE;my SIDE FOOT
xyz 0.7 now ACT forward;now let the;on the last;out to the;shake your FOOT;side ACT SIDE;so ACT on;so all the
xyz 0.7 start by ACT;the FOOT don't;there's a ACT;weight NUMBER NUMBER;weight stays on;you can't ACT
xyz 0.8 ACT SIDE on;ACT around to;ACT back over;ACT it down;ACT your ACT;FOOT NUMBER NUMBER;NUMBER NUMBER on
xyz 0.8 and on the;as the weight;as you exhale;bend the SIDE;both FOOT ACT;down ACT and;forward onto the
xyz 0.8 half ACT up;i want you;in ACT the;inhale and ACT;it ACT through;let the breath;repeat on the
xyz 0.8 start with your;the FOOT are;the FOOT do;the back FOOT;the weight ACT;we ACT out;we do NUMBER
xyz 0.8 weight SIDE SIDE;weight to the;you ACT you
xyz 0.9 ACT SIDE then;ACT a breath;ACT and ACT;ACT down on;ACT forward onto;ACT it with;ACT one NUMBER;ACT out to
xyz 0.9 FOOT ACT SIDE;FOOT down FOOT;FOOT is down;FOOT out SIDE;FOOT parallel weight;NUMBER NUMBER in
xyz 0.9 SIDE FOOT half;and then i;and then we're;back SIDE SIDE;breathe in when;brush past the;down ACT the
xyz 0.9 my back FOOT;same on the;so let it;the first ACT;the first thing;then ACT down;then the SIDE;you're ACT to
xyz -1.3 ACT a little;all the way;so the FOOT
xyz 0.5 ACT ahead and;ACT as you;ACT back weight;ACT it on;FOOT don't ACT;HAND to your;NUMBER counts to
xyz 0.5 NUMBER percent on;SIDE side ACT;and ACT NUMBER;and ACT out;breath ACT in;by ACT the;careful not to
xyz 0.5 he ACT the;i ACT my;if you can't;is that the;it then ACT;my weight ACT;so i've got;the SIDE is
xyz 1.0 ACT back ACT;ACT in with;ACT out your;ACT the waist;ACT to your;FOOT ACT down;FOOT back down
xyz 1.0 FOOT together FOOT;NUMBER i ACT;SIDE FOOT ACT;and ACT and;and ACT my;and let it;half ACT with;so we're in
xyz 1.0 the ACT FOOT
xyz -0.4 ACT back FOOT;ACT forward breathe;FOOT are ACT;FOOT down ACT;FOOT out ACT;HAND down ACT;between both FOOT
xyz -0.4 on both FOOT;to your SIDE;you can ACT
xyz 1.1 ACT back SIDE;ACT down into;ACT on both;ACT out with;ACT up the;a lot of;and ACT again;from the top
xyz 1.1 on the in;other side ACT;the rear FOOT;the waist ACT;the weight is;up on the;weight back to;you end up
xyz 1.1 your SIDE FOOT
xyz -0.2 ACT back and
xyz 1.3 ACT back with;ACT through with;ACT up onto;ACT with your;FOOT shoulder-width width;NUMBER ACT your
xyz 1.3 back FOOT ACT;bend your FOOT;both HAND ACT;out ACT the;the SIDE FOOT
xyz -0.8 ACT down first;ACT on its;ACT onto it;ACT the other;NUMBER on the;SIDE ACT the;and you ACT;i ACT the
xyz -0.8 over the SIDE;so i can;the FOOT and;the weight to;then ACT SIDE;then ACT out;to ACT the;weight on it
xyz -0.8 you ACT forward
xyz 1.2 ACT down with;ACT forward into;ACT them down;ACT up on;ACT up tall;FOOT ACT and;FOOT are parallel
xyz 1.2 FOOT of the;HAND ACT up;SIDE FOOT straight;all the weight;both FOOT bend;breathe in for;don't let the
xyz 1.2 for the next;the front FOOT;to ACT out
xyz 1.6 ACT forward with;the FOOT of;your weight should
xyz 1.4 ACT in the;ACT up with;FOOT out with;and to finish;at the end
xyz -1.0 ACT it now;ACT out weight;ACT your FOOT;NUMBER NUMBER and;as the waist;in the SIDE;on the floor
xyz -1.0 to the SIDE;we ACT back
xyz 2.1 ACT on your
xyz 0.4 ACT onto the;ACT to ACT;SIDE ACT on;back again and;now we ACT;on the other;the FOOT that's;with the weight
xyz 0.4 your weight is
xyz -1.1 ACT out ACT
xyz -1.8 ACT the floor
xyz 0.2 ACT to NUMBER
xyz -1.2 ACT up and;as the SIDE;from the waist;next to the;the FOOT down
xyz 0.3 ACT weight forward
xyz -1.9 NUMBER NUMBER degrees
xyz 1.9 NUMBER NUMBER weight
xyz -0.3 and breathe in;breathe in and
xyz -1.7 breathe out ACT;with the SIDE
xyz -1.4 breathe out now
xyz -2.1 if you can;then the FOOT
xyz -2.0 if you need;on the FOOT
xyz -2.3 on the SIDE
xyz 2.0 the ACT is;the SIDE HAND
y -1.9 #
y -0.6 SIDE;because;behind;breaths;hang;has;horse;let;outward;punch;pushing;rest;today;whole;wings
y 0.8 again;happens;lets;one
y 0.5 all;ends;is;leaning;start
y -0.8 along;equal;in;rests;stretch
y 0.7 an;doesn't;forget;halfway;most;pause;river;that;threw;you're
y -1.3 and;degrees
y 0.6 any;everything;exhale;over;position;relaxed;split;we;work;write
y -1.1 apart;floor;hips;its;past;width
y 1.1 are;careful;may
y 1.4 begin;thing
y -0.9 beside;bow;first;front;if;light;only
y -0.7 bit;but;even;her;hip;middle;next;nose;so;sorry;straight;them;to;touching
y 1.0 breath;lot;style;tall
y -0.5 check;feel;gentle;instead;letting;make;same;stay
y -1.0 don't;their
y -1.2 far;little;way
y 0.9 finish;means;sure;teacher;there;yourself
y -0.4 higher;leave
y 1.2 last;this
y 1.3 mistake;should;we've
"""
