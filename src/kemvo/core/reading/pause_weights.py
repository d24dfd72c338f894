"""How much each sign speaks for a pause: its name, its weight, the words it is of. Made by `make learn`; not to be edited
by hand."""

TABLE = """\
a -1.0 #;let's
a 0.9 NUMBER;beach;becomes;behind;onto;past;stays;wall;without
a 0.6 a;at;equal;ex;full;happy;important;its;mind;own;slightly;sorry;strike;through;try;ward;with
a -0.9 again;corner;floor;if;inhale;let;we
a -0.5 ahead;did;first;lets;top
a 0.8 alongside;chest;clock;gets;heal;opposite;percent;pointing;shoulder-width;they'll;want
a -0.8 apart;before;counts;flat;height;shake;should;when
a 0.5 are;doesn't;done;hanging;i'll;they;was;will
a -1.6 as
a -0.6 away;bent;but;good;okay;parallel;welcome;what
a -1.1 bad
a 1.1 beside;tailbone
a 1.3 bow;not;wants
a 1.9 cat
a 0.7 change;everything;for;has;no;same;slow;the;them;too;under
a -1.2 end
a 1.0 gentle;of;over;shorter
a 0.4 got;on;their
a -0.3 middle
a -0.7 monkey;movement;punch;seconds;small;there;those;until;we'll;what's
a 1.5 need
a -1.4 now;so
a -1.3 we're
ab 0.4 ACT FOOT;ACT back;FOOT forward;FOOT through;can ACT;corner FOOT;is ACT;one ACT;you should
ab -1.1 ACT NUMBER;FOOT is;a FOOT
ab 1.0 ACT across;ACT together;FOOT now;FOOT okay;FOOT straight;SIDE corner;and rest;at NUMBER;front HAND
ab 1.0 it forward;pause here;same weight;start with;they'll ACT
ab 0.6 ACT along;ACT away;FOOT bend;NUMBER more;NUMBER o'clock;back down;beside SIDE;beside it;doesn't ACT
ab 0.6 down flat;evenly distributed;ex exhale;for that;forward weight;i do;in half;now ACT;okay ACT;on it;onto it
ab 0.6 percent SIDE;percent back;that way;ward off;we begin;with FOOT;with SIDE
ab 1.4 ACT in;FOOT first;into it
ab -0.5 ACT into;ACT slightly;ACT so;FOOT NUMBER;FOOT you;HAND exhale;a half;and now;bit ACT;in now;is light
ab -0.5 it ACT;it FOOT;the NUMBER;the out;with an;your body
ab 0.9 ACT inward;FOOT across;HAND hanging;NUMBER breaths;SIDE diagonal;a ACT;and NUMBER;breathe in;got to
ab 0.9 horse stance;in front;in parallel;not ACT;out NUMBER;the floor;the heal;to ACT;to SIDE;we don't
ab 0.9 weight even
ab 0.8 ACT itself;ACT right;FOOT behind;HAND forward;SIDE now;a bit;a minute;and ACT;and breathe;for NUMBER
ab 0.8 for you;in all;it back;little bit;no weight;other FOOT;second FOOT;so SIDE;that ACT;the ear;the windows
ab 0.8 your breath
ab 1.6 ACT me;FOOT here;to you
ab -1.2 ACT one;an ACT;you're ACT
ab 0.5 ACT tall;HAND apart;NUMBER one;a breath;and down;back wall;down again;even up;forward again;hip width
ab 0.5 in line;its FOOT;keep breathe;my HAND;on both;one o'clock;out SIDE;that again;the coat;way around
ab -0.6 ACT the;ACT your;FOOT so;a bow;a nice;a small;again ACT;and only;down now;first thing;half ACT;is right
ab -0.6 movement NUMBER;next ACT;out now;percent in;the performer;waist SIDE;weight off;when you
ab -0.8 ACT to;is forward;the last;weight in;where it;your chair
ab -0.9 ACT too;and it;and there;and you;as you;brush FOOT;number NUMBER;out FOOT;straight back;the next
ab -0.9 the second
ab -0.7 ACT with;FOOT SIDE;FOOT and;FOOT can;FOOT it;FOOT weight;HAND up;NUMBER ACT;NUMBER FOOT;NUMBER now
ab -0.7 SIDE weight;a SIDE;a big;by ACT;is in;it NUMBER;let me;let them;my weight;not too;small ACT;the FOOT
ab -0.7 the breath;the inhale;the torso;you can't;you exhale
ab 0.7 FOOT completely;FOOT inwards;FOOT only;SIDE NUMBER;and out;and punch;back first;begin with;bit so
ab 0.7 cat stance;down so;exhale ACT;is up;its wings;need to;straight ACT;straight ahead;the body;the chair
ab 0.7 the fridge;too far;you ACT
ab 1.5 FOOT in;other SIDE
ab -0.4 FOOT inhale;FOOT should;front ACT;in SIDE;the in
ab 1.3 FOOT touching;SIDE in;cloud HAND;of you;the start;then FOOT;wants to
ab 0.3 FOOT up;NUMBER degrees;SIDE front;SIDE side;don't ACT;then ACT;weight forward;you can
ab -1.0 HAND height;NUMBER inhale;a low;is down
ab 1.7 NUMBER NUMBER
ab 0.1 SIDE SIDE
ab 1.2 SIDE hip;down first;each FOOT;in NUMBER;side now;you like;your HAND
ab -1.4 and again;back ACT
ab 1.1 and exhale;front corner;half way;is comfortable;on top;out again;out breath;them in;then SIDE;to it
ab 1.1 weight over;with it
ab 2.0 behind you
ab 2.2 it is
ab -1.9 the first
ab 1.9 with you
ab 0.2 you are
abx -0.5 ACT ACT ACT;ACT SIDE and;ACT SIDE so;ACT in and;ACT it in;ACT through ACT;FOOT ACT NUMBER;FOOT ACT and
abx -0.5 FOOT ACT first;FOOT ACT with;FOOT again and;FOOT flat and;FOOT in ACT;FOOT in front;FOOT in half
abx -0.5 FOOT parallel and;FOOT up half;SIDE FOOT back;a half ACT;and you ACT;for NUMBER breaths;my SIDE FOOT
abx -0.5 the first ACT;the out breath;the rear FOOT
abx 1.0 ACT SIDE FOOT;FOOT ACT SIDE;FOOT back SIDE;FOOT down FOOT;FOOT up FOOT;NUMBER percent the;SIDE FOOT a
abx 1.0 SIDE FOOT you;SIDE SIDE ACT;and out in;over NUMBER ACT;the FOOT now;the side ACT
abx 0.8 ACT SIDE NUMBER;ACT forward breathe;FOOT flat ACT;HAND ACT forward;HAND ACT in;HAND down ACT
abx 0.8 SIDE FOOT keep;in front ACT;out NUMBER ACT;the FOOT FOOT;to ACT so;you ACT NUMBER;your SIDE ACT
abx 0.9 ACT SIDE the;ACT back the;ACT through FOOT;FOOT ACT FOOT;NUMBER degrees the;out ACT to;the ACT with
abx 0.9 the FOOT you;then FOOT ACT
abx -0.9 ACT SIDE then;ACT forward ACT;ACT it back;FOOT out and;SIDE FOOT without;a ACT so;breathe in when
abx -0.9 brush FOOT SIDE;hold it hold;i ACT my;off SIDE ACT;the SIDE corner;the SIDE front;the SIDE side
abx -0.9 the corner and;the floor if
abx -0.7 ACT SIDE weight;ACT ahead and;ACT down and;ACT up breathe;FOOT ACT your;FOOT NUMBER ACT;FOOT first weight
abx -0.7 FOOT now the;FOOT out SIDE;SIDE FOOT SIDE;SIDE FOOT can;SIDE FOOT now;SIDE corner and;a ACT ACT;and it ACT
abx -0.7 breathe out the;for NUMBER seconds;let them ACT;the ACT FOOT;the FOOT stay;the SIDE diagonal;the SIDE over
abx -0.7 the first NUMBER;the side FOOT;them out and;to ACT the;your SIDE HAND
abx -1.4 ACT back ACT;FOOT together and;SIDE FOOT half;the SIDE breathe
abx 1.2 ACT back FOOT;ACT up ACT;the back ACT
abx -1.5 ACT back SIDE;FOOT ACT then;FOOT down weight
abx -0.6 ACT back so;ACT off the;ACT up my;FOOT in weight;FOOT out NUMBER;FOOT out weight;FOOT together HAND
abx -0.6 NUMBER degrees SIDE;SIDE FOOT ACT;SIDE FOOT hold;SIDE FOOT out;a small ACT;and ACT all;and ACT my
abx -0.6 back FOOT ACT;both FOOT bend;into it and;other side ACT;out ACT ACT;shoulder-width width apart
abx -0.6 the FOOT are;the FOOT weight;the SIDE hip;the SIDE until;the floor and;the other FOOT;the other side
abx -0.6 waist SIDE then
abx -0.8 ACT back weight;ACT it and;ACT up your;FOOT ACT half;HAND ACT breathe;HAND down breathe;SIDE FOOT in
abx -0.8 and ACT weight;and ACT with;back FOOT the;it out and;let it ACT;the HAND exhale;the SIDE let
abx -0.8 the SIDE without;ward off SIDE;you ACT exhale;your SIDE and
abx -1.0 ACT in then;SIDE ACT the;breathe out when;last one ACT;the front SIDE;the side and;width apart and
abx 0.6 ACT it ACT;ACT up SIDE;FOOT together FOOT;HAND ACT then;SIDE FOOT we;a ACT back;down first ACT;on the SIDE
abx 0.6 out SIDE FOOT;the ACT as;the FOOT SIDE;to ACT and;to ACT your;you ACT on
abx 0.5 ACT now the;NUMBER NUMBER ACT;one FOOT ACT;the FOOT i;the SIDE the;the weight the;to ACT in;we ACT ACT
abx 0.5 you ACT it
abx -1.3 ACT out SIDE;percent SIDE SIDE;the back FOOT;the front FOOT
abx 0.7 ACT out and;FOOT ACT into;FOOT down and;HAND ACT to;NUMBER seconds ACT;and ACT so;back FOOT and;on it the
abx 0.7 other FOOT ACT;the SIDE onto;then SIDE ACT;with it ACT
abx -1.2 ACT up the;FOOT ACT in;NUMBER NUMBER SIDE;NUMBER NUMBER weight;SIDE SIDE SIDE;and ACT the;the SIDE and
abx -1.2 weight SIDE ACT
abx -0.3 FOOT ACT forward
abx -0.4 FOOT ACT up;HAND ACT as;as you ACT;in front and;the in breath;the middle and;you ACT SIDE;your body weight
abx -0.2 FOOT down ACT;SIDE FOOT front;bow stance ACT;it down ACT
abx -1.1 FOOT first and;NUMBER NUMBER degrees;and ACT it;breathe out and;onto it and;the HAND ACT;the SIDE FOOT
abx -1.1 the SIDE HAND;the SIDE now;the weight ACT;you ACT you;your SIDE FOOT
abx 1.7 FOOT in the
abx -0.1 FOOT out ACT
abx 0.4 SIDE ACT and;back SIDE SIDE;both FOOT on
abx 1.1 SIDE FOOT with;SIDE FOOT you're;breathe out SIDE;it ACT SIDE;the SIDE your
abx 1.3 behind you ACT;is ACT the
abx 1.4 breathe in and;horse stance ACT
abx 1.5 the FOOT the
any -2.5 *
b 0.7 ACT;arrives;back;closer;direction;far;fridge;happy;hips;instead;light;rest;split;stool;times;us;was
b 1.5 FOOT;width;work
b 0.8 HAND;arrive;backwards;bow;diagonally;enough;forwards;hanging;hip;leaning;line;low;minute;parry;punch;right
b 0.8 windows
b -0.7 NUMBER;beside;called;can't;doing;having;look;never;number;pause;quarter;single;small;there's;till;you
b -0.7 you've
b 1.4 SIDE;alongside;forward;here;outwards;solid;touching
b -3.1 a;then
b -1.1 about;because;past;will;without;yes
b 0.9 across;around;bent;degrees;even;lute;me;pushing;sideways;stop;tall;way
b -0.9 after;an;are;between;easy;feel;has;means;now;ready;should;sure
b 1.2 again;behind;diagonal;ears;first;floor;write
b 1.3 ahead;breathe;door;ear;instep;level;mane;sides;there;wall
b -1.4 all;not;people;this;we'll;what
b 1.0 altogether;clock;completely;evenly;home;length;soft;through;up;walking;wide
b -4.5 and
b 2.4 apart
b -2.7 as;of
b -1.3 at;be;big;from;or;our;she;while
b 1.8 away;east;yet
b -0.6 body;does;double;each;nice;oh;performer;some;teacher;that;wait;would
b -0.4 bottom
b 1.1 breath;crane;hang;it;middle;north;o'clock;parallel;section;started;tail;them;think;time;wings
b 2.1 breaths;equally
b -1.0 brush;feels;get;have;he;its;like;ok;only;you'll
b -1.2 but;make;okay;see;they
b -1.7 by;do;i'm;keep;that's;we're
b 0.5 coat
b 2.0 comfortable;corner
b 0.6 distributed;else;high;horse;lead;seconds;slightly;space;thigh;top;try;week
b -1.5 don't;it's;where
b 1.7 down;height;out
b -0.8 end;finish;got;how;last;next;once;position;third;torso
b 1.6 flat;front;inwards;itself;straight;wider
b -2.1 for;is
b -1.6 hold;no;until;with
b -2.5 i;to
b -1.9 if;let;let's;you're
b -2.0 into;onto
b -2.3 my;on
b 1.9 room;side;together
b -2.9 so
b -0.5 stretch;than;which
b -4.7 the
b -2.6 we
b -1.8 when
b -3.5 your
bx 1.0 ACT ACT;ACT last;FOOT FOOT;FOOT SIDE;FOOT it;FOOT let;FOOT we're;SIDE into;closer ACT;out now;percent the
bx 1.0 weight and;write ACT
bx -0.6 ACT NUMBER;ACT a;ACT across;ACT forwards;ACT north;FOOT at;FOOT completely;FOOT forward;FOOT is;FOOT it's
bx -0.6 HAND on;HAND up;SIDE on;SIDE until;again and;back SIDE;behind your;body weight;comfortable ACT;corner ACT
bx -0.6 degrees SIDE;don't let;floor and;forward into;forward onto;front and;having ACT;in half;in my;in to
bx -0.6 leave the;let's ACT;next we;now we're;on your;other FOOT;out on;out over;over NUMBER;rear FOOT;snake ACT
bx -0.6 start ACT;they ACT;together HAND;up from;width away
bx -1.2 ACT SIDE;FOOT now;FOOT together;away from;down as;forward weight;i ACT;in NUMBER;weight SIDE;weight back
bx -1.2 your weight
bx -1.0 ACT all;FOOT while;NUMBER counts;SIDE front;SIDE without;and ACT;bend the;both FOOT;i'm ACT;let the
bx -1.0 out NUMBER;out when;top ACT;you're ACT
bx -0.5 ACT around;ACT straight;FOOT okay;FOOT pointing;FOOT rest;NUMBER breaths;NUMBER o'clock;and then;as the
bx -0.5 as you;at the;back to;be ACT;corner and;degrees and;down if;exhale ACT;exhale and;in this;let your
bx -0.5 single whip;so now;stance so;that i;to finish;were ACT
bx -2.4 ACT back;SIDE HAND
bx -2.0 ACT forward
bx 0.9 ACT hold;ACT no;ACT she;ACT then;SIDE the;back ACT;backwards ACT;front ACT;in SIDE;it to;now with;out in
bx 0.9 through FOOT
bx 0.5 ACT inhale;ACT now;ACT one;ACT with;FOOT i'm;NUMBER weight;SIDE by;SIDE exhale;about ACT;bit now
bx 0.5 comfortable now;middle HAND;through SIDE
bx -0.8 ACT into;ACT onto;FOOT in;FOOT stays;HAND look;SIDE bow;SIDE hip;SIDE let's;a ACT;about NUMBER;back then
bx -0.8 doesn't ACT;forward again;in a;in the;inhale ACT;into the;it FOOT;my SIDE;now we;off SIDE;right now
bx -0.8 side so;so ACT;straight ahead;the weight;there for;to the;up your;way and;weight NUMBER;weight even
bx -0.8 weight forward
bx -1.4 ACT it;ACT my;in front;now ACT;on the
bx 0.6 ACT make;FOOT body;FOOT let's;FOOT what;FOOT you;NUMBER HAND;NUMBER back;again now;again the;beside SIDE
bx 0.6 down the;first the;forward ACT;it with;out breathe;so let;together FOOT
bx 0.8 ACT okay;FOOT NUMBER;FOOT exhale;FOOT that;FOOT with;NUMBER FOOT;SIDE a;SIDE out;SIDE that's;SIDE waist
bx 0.8 behind and;in now;out the;over and;parry and;that for
bx -0.7 ACT out;ACT through;ACT you're;FOOT again;FOOT for;FOOT not;FOOT parallel;FOOT straight;FOOT which
bx -0.7 HAND are;HAND exhale;NUMBER seconds;SIDE as;SIDE diagonal;all the;back into;behind the;beside the
bx -0.7 cloud HAND;don't ACT;down again;finish ACT;flat and;forward as;forward when;in let;it hold;it if;it over
bx -0.7 it then;long breath;more weight;movement NUMBER;now i;now i'm;number NUMBER;of the;off the;one we
bx -0.7 other side;out so;out your;over your;past the;quarter ACT;she ACT;small ACT;stance SIDE;still ACT;that the
bx -0.7 touching the;up as;up breathe;up my;without ACT;you ACT;you breathe
bx -0.9 ACT over;FOOT ACT;SIDE corner;both HAND;bow stance;breath ACT;breath in;breathe out;by ACT;floor if
bx -0.9 from the;he ACT;in inhale;in when;it ACT;my weight;onto the;out weight;side FOOT;the SIDE;thing ACT
bx -0.9 waist SIDE;we ACT;weight in;weight now;width apart;with your;your SIDE
bx 0.4 ACT that's;corner NUMBER
bx -1.5 ACT the;FOOT are;NUMBER NUMBER;breathe in;can ACT;with the
bx -1.1 ACT them;FOOT only;FOOT then;FOOT touching;FOOT up;HAND hold;NUMBER percent;SIDE then;back FOOT;body ACT
bx -1.1 forward and;forward now;half ACT;it all;out breath;over the;then ACT;together and;we're ACT
bx -1.8 ACT up;first then
bx 0.7 ACT we;FOOT a;FOOT both;FOOT i;FOOT onto;FOOT we;HAND with;NUMBER now;SIDE onto;degrees we;east ACT
bx 0.7 evenly ACT;first NUMBER;forward FOOT;forward the;in ACT;it for;north ACT;now FOOT;out into;seconds ACT
bx 0.7 side the;straight ACT;up HAND;weight up;width ACT
bx -2.3 ACT your;FOOT first
bx -0.4 FOOT down;FOOT out;SIDE let;back and;if you;in your;is now;middle and;up and;up half
bx 1.2 FOOT no;back the;behind ACT;instead ACT
bx -1.3 FOOT stay;HAND ACT;NUMBER degrees;SIDE side;down first;weight ACT
bx 1.9 FOOT the
bx 1.1 FOOT you're;across ACT;front the;up FOOT;up i;up so;you and
bx 1.4 FOOT your;flat ACT
bx 1.5 HAND the
bx -2.6 SIDE FOOT
bx -0.3 SIDE and;SIDE so;waist ACT
bx -0.2 SIDE no
bx -1.9 behind you
bx 1.3 degrees the;it the
bx -1.7 front FOOT;side now;through the
bx -1.6 out as;to ACT
bx 1.6 weight the
bxy 0.4 ACT ACT SIDE;ACT down ACT;FOOT in ACT;SIDE weight forward
bxy 0.8 ACT ACT and;ACT ACT up;ACT back ACT;ACT on a;FOOT ACT NUMBER;FOOT ACT SIDE;FOOT in the;FOOT now ACT
bxy 0.8 FOOT the weight;SIDE ACT forward;SIDE FOOT first;SIDE SIDE HAND;SIDE and breathe;SIDE with your
bxy 0.8 and ACT with;back FOOT in;corner ACT the;forward ACT back;is ACT on;it ACT SIDE;it ACT the;up i ACT
bxy 0.5 ACT ACT down;ACT in NUMBER;FOOT ACT on;FOOT the front;HAND ACT SIDE;SIDE ACT ACT;SIDE the HAND
bxy 0.5 back and the;forward and the;out let the
bxy -0.6 ACT ACT forward;ACT all your;ACT and exhale;ACT it down;ACT the FOOT;FOOT ACT to;FOOT that ACT;SIDE ACT a
bxy -0.6 SIDE SIDE SIDE;back ACT SIDE;back ACT into;beside the SIDE;corner and ACT;down FOOT first;forward the SIDE
bxy -0.6 half ACT with;here ACT the;in ACT SIDE;now i'm ACT;on the SIDE;out ACT it;out NUMBER ACT;out when you
bxy -0.6 snake ACT down;up ACT SIDE;up breathe in;up my SIDE;you ACT onto
bxy -0.7 ACT ACT on;ACT and you;FOOT and breathe;FOOT so it's;FOOT the FOOT;FOOT then ACT;FOOT weight SIDE
bxy -0.7 SIDE ACT in;SIDE and i;again ACT SIDE;breath ACT out;can ACT it;down breathe out;in ACT it;in and ACT
bxy -0.7 into the SIDE;it hold it;my SIDE FOOT;onto the SIDE;out ACT up;over and ACT;over the SIDE;up ACT it
bxy -0.7 waist ACT to;weight ACT forward;weight ACT onto;you ACT on;you ACT the
bxy -2.0 ACT ACT with
bxy -0.4 ACT FOOT together;ACT all of;ACT as you;ACT the body;FOOT ACT over;FOOT all the;FOOT back to
bxy -0.4 FOOT don't ACT;HAND ACT across;HAND ACT back;SIDE FOOT back
bxy 1.2 ACT HAND up;ACT the ACT;SIDE a ACT;weight ACT the
bxy -1.2 ACT NUMBER percent;ACT the SIDE;SIDE ACT it;out let them;the SIDE FOOT
bxy -1.4 ACT SIDE ACT;FOOT ACT in;NUMBER ACT your;SIDE ACT out
bxy 0.6 ACT and the;ACT as the;HAND ACT out;SIDE ACT to;back ACT back;back FOOT first;degrees ACT the;we ACT back
bxy 1.1 ACT and then;FOOT ACT onto;FOOT ACT the;HAND the SIDE;back so ACT;up HAND ACT
bxy 0.7 ACT half ACT;ACT out ACT;FOOT ACT forward;FOOT ACT forwards;FOOT a ACT;FOOT down ACT;FOOT i ACT
bxy 0.7 FOOT onto the;FOOT the HAND;FOOT through the;FOOT your weight;SIDE ACT HAND;SIDE FOOT on;SIDE onto the
bxy 0.7 floor ACT the;in it ACT;side the SIDE;together ACT the;weight the SIDE;you ACT SIDE
bxy -0.5 ACT i can;FOOT one NUMBER;FOOT so ACT;HAND ACT breathe;HAND ACT down;HAND ACT over;HAND and the
bxy -0.5 NUMBER NUMBER one;SIDE FOOT in;SIDE FOOT the;SIDE weight SIDE;back ACT ACT;behind the SIDE;flat and ACT
bxy -0.5 out ACT forward;out breath ACT;out the SIDE;we ACT the;you breathe in
bxy 1.3 ACT it ACT;ACT so you;out ACT back
bxy -1.0 ACT that FOOT;ACT the HAND;ACT the back;ACT your weight;FOOT and ACT;FOOT the SIDE;SIDE FOOT ACT
bxy -1.0 SIDE HAND ACT;forward and ACT;waist ACT SIDE
bxy -1.1 ACT the weight;FOOT ACT out;SIDE ACT SIDE;SIDE SIDE FOOT;SIDE the SIDE;down and ACT;through and ACT
bxy -1.1 weight ACT into
bxy -0.8 ACT weight back;ACT weight forward;ACT your SIDE;FOOT can ACT;FOOT then FOOT;FOOT to ACT;SIDE as the
bxy -0.8 SIDE bow stance;SIDE weight on;can ACT the;forward NUMBER percent;front ACT your;half ACT up;in ACT the
bxy -0.8 in weight SIDE;it ACT out;out as you;there ACT the;up SIDE HAND;up half a;up your SIDE;weight ACT back
bxy -0.8 weight ACT to;your SIDE FOOT
bxy 0.3 FOOT ACT FOOT;FOOT now let;NUMBER ACT out;SIDE SIDE ACT
bxy 1.9 FOOT ACT into;SIDE FOOT parallel
bxy 0.2 FOOT ACT off;FOOT ACT with
bxy 1.0 FOOT ACT them;HAND ACT your;in HAND down;it with the;up and breathe
bxy 1.8 FOOT ACT your
bxy 0.9 FOOT NUMBER ACT;first weight ACT;forward on the;it and the;percent the SIDE
bxy -0.9 FOOT and let;FOOT that's the;HAND ACT up;SIDE ACT the;corner FOOT first;floor if you;inhale ACT the
bxy -0.9 out ACT down;to the SIDE;with the SIDE
bxy -0.3 FOOT so the;SIDE FOOT down;down SIDE FOOT;in the HAND
bxy 0.1 SIDE ACT weight
bxy -1.3 back ACT the
bxy 1.5 in weight to
w -1.9 #
w 0.6 a;beside;fold;like;onto;stretch;to;towards;wait;what
w 0.8 about;door;hold;lock;threw;toward;watch;with
w -0.7 again;do;flying;here;lot;o'clock;until;we;we'll;wrong;yet
w 0.7 along;counts;distance;hips;isn't;leaves;not;on;past;pushing;tightrope;wild
w 1.0 an;left;long;makes;shared
w -0.9 apart;heal;i'm;last;okay;sure;want
w -0.5 because;equal;feel;there's;those;try
w -0.4 belly;hip
w 1.4 between;count;where
w 1.3 by;without
w 1.1 check
w -0.6 comfortable;keep;need;sorry;tall;till
w -0.8 degrees;flat;get;once;say;slightly;straight;while;whip
w 0.5 did;don't;kissing;leave;or;sideways;single;split;tying;us
w 0.9 exhale;of;should;than
w 1.2 for;over
w -1.2 let
w -1.1 let's
w -1.0 lose;me;so;way
w 0.4 most;our;times;you'll
w -1.5 now;number
w 0.3 other;round;when
w -0.3 repulse
x 0.9 ACT;allow;brush;even;golden;most;my;only;play;quarter;release;you've
x -1.1 FOOT;ahead;along;becomes;between;bit;breaths;forward;past;percent;slightly;till;wall
x -1.7 a;but;round;until
x -2.3 about;corner
x -1.2 across;again;has;here;over;touching;under;way;wide;will;yet
x 0.4 after;nose;your
x -0.5 alongside;comfortable;fully;leaves;little;threw;walking;whip
x -1.5 apart;degrees;width
x -1.3 around;evenly;side;stays;straight;them;thing;too
x 0.7 arrive;double;end;half;hang;i'll;other;waist;we;what's
x -1.6 at;in;like
x -1.4 away;flat;height;hip;parallel;should;stance;there
x -0.8 back;completely;diagonal;gets;instep;line;more;one;than;wider
x -0.9 backwards;doesn't;east;equally;feels;home;off;or;shoulder-width;soft;toward;towards
x 1.1 begin;last;make;once;rest;you'll
x -2.5 behind
x 0.6 bend;ex;having;practise;tidy
x -0.6 bent;brushes;diagonally;important;letting;makes;means;north;passes;pointing;thigh;us
x -1.9 beside;together
x 0.8 big;careful;change;equal;have;how;movement;needle;second;third
x 2.3 breathe;hold
x -2.1 by;into;on;onto;through;to;up
x 1.4 count;fold;i'm;keeping;let's;repeat;stretch
x -1.0 counts;forwards;front;inwards;it;level;me;outward;rests;seconds;tall;where;yourself
x 1.2 deflect;exhale;it's;wait;weight;when
x 1.0 did;feel;grab;his;never;repulse;think;today's;we're
x 0.5 do;give;people;split;starting
x 1.5 don't;he;i;start
x -3.1 down
x 2.2 finish;ok;we'll
x -0.7 for;forty-five;inward;its;not;o'clock;one's;outwards;resting;solid;was
x 1.6 get;keep;look;pause;she;that's;watch
x 2.0 if
x 1.3 imagine;shake;single
x 2.4 inhale
x -2.4 is
x -0.4 isn't
x 1.9 let;notice;swap;then;what
x 1.7 next;number;remember;soften;there's
x 2.5 now
x -3.3 of
x 3.2 okay
x -3.0 out
x 1.8 stay
x 0.2 those
x -1.8 with
xy -0.8 ACT ACT;ACT exhale;ACT like;ACT so;FOOT and;NUMBER on;SIDE NUMBER;SIDE corner;a little;along the
xy -0.8 beside the;if that's;is ACT;it's not;like you're;shoulder-width width;so it's;to NUMBER;toward the
xy -0.8 which is;with it
xy 0.8 ACT HAND;FOOT not;HAND look;SIDE is;all right;and down;and i'm;and on;and that;breath in;doing the
xy 0.8 don't rush;exhale as;inhale and;last one;now the;repeat on;so first;stay there;the next;we do;weight now
xy 1.3 ACT NUMBER;FOOT shoulder-width;again weight;bend your;first thing;is that
xy 0.7 ACT SIDE;ACT evenly;ACT me;FOOT over;HAND to;and then;back again;brush and;for those;most of;now ACT
xy 0.7 now we;play the;shake your;start by;then all;then we;to finish;we'll ACT;weight ACT;weight is;with no
xy 0.7 you'll feel
xy 1.9 ACT a;SIDE so;movement NUMBER;number NUMBER
xy 0.6 ACT about;ACT for;ACT into;ACT it;ACT tall;ACT until;ACT you're;FOOT flat;HAND up;a ACT;as you;do not
xy 0.6 down ACT;ex exhale;forward again;have your;inhale ACT;okay and;one ACT;right back;right now;shake it
xy 0.6 side ACT;soften the;then a;then it;tidy up;up ACT;wait there;weight into;without ACT
xy 1.4 ACT all;FOOT together;is your;so that's;which FOOT
xy -0.7 ACT as;ACT last;ACT now;a bit;about NUMBER;and look;back down;half a;i can;on it;onto it;stay down
xy -0.7 the floor;then out;to your
xy 1.0 ACT body;ACT both;ACT the;FOOT are;FOOT of;HAND are;HAND over;NUMBER i;SIDE FOOT;a lot;breath out;he ACT
xy 1.0 keep your;make sure;next we;pause for;release the;same on;that is;up on;when the
xy -1.0 ACT first;ACT then;SIDE weight;and hold;are ACT;before the;breathe out;instead ACT;now and
xy 0.5 ACT forwards;ACT slightly;ACT wide;FOOT bend;SIDE out;careful not;have a;hold for;keep breathe;let's have
xy 0.5 never ACT;waist SIDE;we ACT
xy -1.1 ACT hold;ACT you;SIDE SIDE;and NUMBER;for a;of the
xy -0.6 ACT inhale;ACT of;ACT stance;ACT straight;FOOT now;and do;and up;behind you;by the;flat ACT;into a;like a
xy -0.6 my body;no weight;on both;only as;past the;so you;the other;the same;until the;while the
xy 0.9 ACT my;ACT yourself;allow the;bend the;brush past;get your;having ACT;i'm ACT;in breath;leave the;on the
xy 0.9 part NUMBER;quarter ACT;some of;some people;those with;we start;weight and;with an;you should
xy 0.3 ACT on;HAND ACT
xy 1.1 ACT to;NUMBER ACT;SIDE let's;be careful;can you;let's ACT;or ACT;that was;think of;you end;you want
xy -0.9 ACT together;HAND by;as we;first ACT;first then;towards the;your FOOT
xy 2.0 ACT your
xy 1.5 FOOT parallel;and again;and forward;and that's;front FOOT;so from;to get
xy -1.2 NUMBER degrees;in front;that ACT
xy 1.8 NUMBER more;exhale and;in inhale
xy -0.5 NUMBER one;and exhale;and it;and let's;and shake;does the;even on;first the;half way;into the;leaves the
xy -0.5 onto the;that's your;with my
xy 0.4 SIDE HAND;and keep;can see;forward weight;get up;now let;now that;start with
xy -0.4 and feel;and i'll;between both
xy 1.2 and i;back FOOT;let me;so now;so we
xy 1.7 and now;and to;this is
xy -0.2 and the;and your
xy 1.6 and when
xy -1.3 as your;can ACT;for NUMBER;off the;then forward
xy 0.2 my weight;the weight
xy -2.6 next to
xy -1.4 now so
xy -0.3 so let's
xy -2.2 so that
xy -1.9 then FOOT
xy 2.3 to do
xy -2.3 to the
xyz 0.6 ACT ACT and;ACT NUMBER degrees;ACT NUMBER is;ACT a big;ACT a bit;ACT back weight;ACT down as;ACT it all
xyz 0.6 ACT now ACT;ACT round to;ACT through the;ACT with the;FOOT don't ACT;FOOT in line;FOOT together weight
xyz 0.6 FOOT up FOOT;again ACT SIDE;an ACT stance;as you inhale;back FOOT out;back onto the;back to ACT
xyz 0.6 both FOOT together;bow stance NUMBER;first ACT your;first SIDE FOOT;forward again onto;it's the SIDE
xyz 0.6 make the SIDE;now let the;so all the;soften the FOOT;the weight ACT;the weight has;to do the;ward off SIDE
xyz 0.6 we ACT forward;weight in your;you're ACT the
xyz 1.5 ACT ACT forward;ACT back into;ACT back on;ACT back onto;ACT up with;and to finish;breathe in as
xyz -0.6 ACT ACT on;ACT NUMBER ACT;ACT a ACT;ACT in front;ACT now the;ACT out FOOT;ACT out again;ACT over the
xyz -0.6 ACT through SIDE;ACT up ACT;SIDE FOOT NUMBER;SIDE FOOT can;SIDE FOOT through;SIDE FOOT weight;all of it
xyz -0.6 and ACT on;and the FOOT;and the front;and your FOOT;breathe in breathe;breathe out #;exhale ACT the
xyz -0.6 i can ACT;if your ACT;leave the FOOT;let your HAND;on your SIDE;so ACT SIDE;so ACT it;so weight on
xyz -0.6 the FOOT now;we ACT it;weight SIDE weight;while the SIDE;with your SIDE
xyz -0.5 ACT ACT out;ACT ACT your;ACT SIDE the;ACT across to;ACT forward the;ACT on a;ACT them out;FOOT is ACT
xyz -0.5 and ACT #;and then out;back FOOT first;both FOOT to;even on both;from the floor;it ACT to;let the FOOT
xyz -0.5 off the floor;onto the FOOT;so that your;then ACT forward
xyz -0.9 ACT ACT the;ACT it now;ACT the ACT;SIDE FOOT first;and ACT into;and ACT up;as you ACT;breathe out SIDE
xyz -0.9 weight on it;with the FOOT
xyz 1.7 ACT ACT with;up ACT the
xyz 0.7 ACT SIDE ACT;ACT SIDE and;ACT is the;ACT out SIDE;ACT that FOOT;FOOT ACT back;FOOT ACT then
xyz 0.7 FOOT NUMBER NUMBER;FOOT down weight;FOOT in ACT;HAND up breathe;SIDE ACT in;SIDE FOOT back;SIDE HAND up
xyz 0.7 SIDE the SIDE;a ACT with;about NUMBER thirds;and ACT forward;and again SIDE;as you exhale;back ACT SIDE
xyz 0.7 back ACT forward;both FOOT the;brush and ACT;have your weight;let's ACT it;let's do that;now ACT forward
xyz 0.7 on the last;over NUMBER counts;shake your FOOT;side ACT SIDE;so ACT on;start by ACT;the FOOT don't
xyz 0.7 there's a ACT;weight NUMBER NUMBER;weight stays on;with no weight;you can't ACT
xyz 0.8 ACT SIDE on;ACT and ACT;ACT around to;ACT back over;ACT it down;ACT your ACT;and ACT back;and on the
xyz 0.8 as you do;bend the SIDE;both FOOT ACT;breath ACT in;down ACT and;forward onto the;half ACT up;i want you
xyz 0.8 in ACT the;inhale and ACT;it ACT through;let the breath;my SIDE FOOT;my back FOOT;out to the;repeat on the
xyz 0.8 start with your;the FOOT are;the FOOT do;the back FOOT;we ACT out;weight SIDE SIDE;weight to the
xyz 0.8 you ACT you
xyz 0.9 ACT SIDE then;ACT a breath;ACT down on;ACT forward onto;ACT it with;ACT one NUMBER;ACT onto the;ACT out to
xyz 0.9 ACT out your;FOOT ACT SIDE;FOOT down FOOT;FOOT is down;FOOT out SIDE;NUMBER NUMBER in;SIDE FOOT half
xyz 0.9 and then i;and then we're;as the weight;back SIDE SIDE;breathe in when;brush past the;so let it
xyz 0.9 the first ACT;the weight is;then ACT down;then the SIDE;there ACT the;you're ACT to
xyz -0.7 ACT SIDE weight;ACT back first;ACT back so;ACT forward FOOT;ACT from the;ACT last one;ACT through and
xyz -0.7 ACT up half;FOOT ACT the;NUMBER NUMBER NUMBER;NUMBER percent and;SIDE FOOT and;SIDE FOOT touching
xyz -0.7 and ACT with;beside the SIDE;both FOOT on;for the FOOT;from the back;now the weight;on the ACT
xyz -0.7 weight ACT forward
xyz -1.3 ACT a little;all the way;breathe out now;from the waist
xyz 0.5 ACT ahead and;ACT as you;ACT it on;HAND to your;NUMBER counts to;NUMBER percent on;SIDE side ACT
xyz 0.5 and ACT NUMBER;and ACT out;by ACT the;careful not to;he ACT the;i ACT my;inhale as you;is that the
xyz 0.5 it then ACT;my weight ACT;now we ACT;the SIDE is;we ACT onto
xyz 1.0 ACT back ACT;ACT in with;ACT the waist;ACT to your;FOOT ACT down;FOOT back down;FOOT parallel weight
xyz 1.0 NUMBER i ACT;SIDE FOOT ACT;and ACT and;and ACT my;down ACT the;half ACT with;same on the;so we're in
xyz 1.0 the ACT FOOT;the first thing
xyz -0.4 ACT back FOOT;ACT forward breathe;ACT onto it;FOOT are ACT;FOOT out ACT;HAND down ACT;between both FOOT
xyz -0.4 breathe in and;weight back onto;you can ACT
xyz 1.1 ACT back SIDE;ACT down into;ACT on both;ACT up the;FOOT of the;FOOT together FOOT;NUMBER NUMBER on
xyz 1.1 a lot of;and ACT again;both FOOT bend;from the top;on the in;other side ACT;the rear FOOT;up on the
xyz 1.1 weight back to;you end up
xyz -0.2 ACT back and
xyz 1.3 ACT back with;ACT in the;ACT through with;ACT up onto;ACT up tall;ACT with your;FOOT shoulder-width width
xyz 1.3 all the weight;back FOOT ACT;bend your FOOT;both HAND ACT;out ACT the;the SIDE FOOT
xyz -0.8 ACT down first;ACT on its;ACT the other;NUMBER on the;NUMBER percent the;SIDE ACT the;and out in
xyz -0.8 and you ACT;i ACT the;over the SIDE;so i can;the FOOT and;the weight to;then ACT SIDE;then ACT out
xyz -0.8 to ACT the;weight forward SIDE;when you ACT;you ACT forward
xyz 1.2 ACT down with;ACT forward into;ACT out with;ACT them down;ACT up on;FOOT ACT and;FOOT are parallel
xyz 1.2 HAND ACT up;SIDE FOOT straight;and let it;breathe in for;don't let the;for the next;the front FOOT
xyz 1.2 the waist ACT;to ACT out;your SIDE FOOT
xyz 1.6 ACT forward with;ACT up your;the FOOT of;to ACT forward;your weight should
xyz 2.0 ACT on your;the ACT is
xyz -1.1 ACT out ACT;on the floor;we ACT back
xyz -1.0 ACT out weight;ACT your FOOT;NUMBER NUMBER and;as the waist;in the SIDE;to the SIDE
xyz -1.7 ACT the floor;breathe out ACT
xyz 0.4 ACT to ACT;SIDE ACT on;back again and;now ACT to;on the other;the FOOT that's;with the weight;you ACT onto
xyz 0.4 your weight is
xyz 0.3 ACT to NUMBER;ACT weight forward
xyz -1.2 ACT up and;as the SIDE;next to the;so the FOOT;the FOOT down
xyz -0.3 FOOT down ACT;and breathe in
xyz 1.4 FOOT out with;NUMBER ACT your;at the end
xyz -1.9 NUMBER NUMBER degrees
xyz 1.8 NUMBER NUMBER weight
xyz -2.1 if you can
xyz -2.0 if you need;on the FOOT
xyz -2.3 on the SIDE
xyz 1.9 the SIDE HAND
xyz -2.2 then the FOOT
xyz -1.6 with the SIDE
y -1.9 #
y -0.6 SIDE;because;behind;breaths;but;gentle;hang;has;horse;nose;o'clock;outward;pushing;rest;same;today;whole
y -0.6 wings
y 0.7 again;an;doesn't;forget;halfway;most;relaxed;river;share;threw;you're
y 0.6 all;any;ends;everything;exhale;over;pause;position;split;that;we;work;write
y -0.8 along;equal;even;in;rests;stretch
y -1.3 and;little
y -1.1 apart;floor;hips;if;its;past
y 1.1 are;may
y 1.4 begin;thing
y -0.9 beside;bow;first;front;light;only
y -0.7 bit;her;higher;hip;let;middle;next;punch;so;sorry;straight;them;to;touching
y 1.0 breath;careful;lot;style;sure
y -1.4 degrees
y -1.0 don't;their
y -1.2 far;way;width
y -0.4 feel;leave
y 0.9 finish;means;tall;teacher;there
y 0.8 happens;lets;one;should;yourself
y -0.5 instead;letting;make;stay;they
y 0.5 is;leaning;start
y 1.2 last;this
y 1.3 mistake;we've
"""
