"""How much each sign speaks for a pause: its name, its weight, the words it is of. Made by `make learn`; not to be edited
by hand."""

TABLE = """\
a -1.0 #;let's
a 0.9 NUMBER;beach;behind;onto;past;stays;wall;without
a 0.6 a;at;do;equal;ex;full;happy;important;its;mind;own;slightly;sorry;strike;they;through;ward;with
a -0.9 again;corner;floor;if;inhale;let;we
a -0.5 ahead;first;lets;top
a 0.8 alongside;chest;clock;gets;heal;opposite;percent;shoulder-width;them;they'll;want
a -0.8 apart;before;counts;flat;shake;should;when
a 0.5 are;doesn't;done;hanging;i'll;was;will
a -1.6 as
a -1.1 bad;end
a 1.0 becomes;gentle;of;over;shorter
a -0.6 bent;but;good;okay;parallel;seconds;welcome;what
a 1.1 beside;tailbone
a 1.3 bow;not;wants
a 1.9 cat
a 0.7 change;everything;for;has;no;pointing;same;slow;the;too;try;under
a 0.4 got;on;their
a -0.7 height;monkey;movement;punch;small;there;those;until;we'll;what's
a -0.3 middle
a 1.5 need
a -1.4 now;so
a -1.3 we're
ab 0.4 ACT FOOT;ACT back;ACT tall;FOOT forward;NUMBER one;SIDE side;and down;can ACT;corner FOOT;is ACT;my HAND
ab 0.4 weight forward;you should
ab -1.1 ACT NUMBER;FOOT is;a FOOT
ab 1.0 ACT across;ACT together;FOOT now;FOOT okay;FOOT straight;SIDE corner;and rest;at NUMBER;front HAND
ab 1.0 it forward;pause here;same weight;they'll ACT
ab 0.6 ACT along;ACT away;FOOT bend;NUMBER more;NUMBER o'clock;becomes ACT;beside SIDE;beside it;doesn't ACT
ab 0.6 down flat;evenly distributed;ex exhale;forward weight;i do;in half;okay ACT;on it;onto it;percent back
ab 0.6 that way;ward off;we begin;with FOOT;with SIDE
ab 1.4 ACT in;FOOT first
ab -0.5 ACT into;ACT slightly;ACT so;FOOT NUMBER;FOOT you;HAND exhale;SIDE and;SIDE you;a half;and now;bit ACT
ab -0.5 in now;is called;is light;it ACT;it FOOT;the NUMBER;with an;your body
ab 0.9 ACT inward;FOOT across;HAND hanging;NUMBER breaths;SIDE diagonal;a ACT;and ACT;and NUMBER;got to
ab 0.9 horse stance;in front;in parallel;not ACT;out NUMBER;the floor;the heal;to ACT;to SIDE;we don't
ab 0.9 weight even
ab 0.8 ACT itself;ACT right;FOOT behind;HAND forward;SIDE now;a bit;a minute;and breathe;breathe in;for NUMBER
ab 0.8 for you;it back;little bit;no weight;other FOOT;second FOOT;so SIDE;that ACT;the ear;the windows
ab 0.8 your breath
ab 1.5 ACT me;FOOT in;into it;other SIDE
ab -1.2 ACT one;an ACT;you're ACT
ab -0.6 ACT the;ACT your;FOOT SIDE;FOOT so;FOOT weight;a bow;a nice;a small;again ACT;and only;down now
ab -0.6 first thing;half ACT;is right;movement NUMBER;next ACT;out now;percent in;the out;the performer;waist SIDE
ab -0.6 weight off;when you
ab -0.8 ACT to;FOOT and;is forward;let me;the last;weight in;your chair
ab -0.9 ACT too;and it;and there;and you;as you;brush FOOT;is down;number NUMBER;out FOOT;straight back;the next
ab -0.9 the second
ab -0.7 ACT with;FOOT can;FOOT it;HAND up;NUMBER ACT;NUMBER FOOT;NUMBER now;SIDE weight;a SIDE;a big;by ACT;is in
ab -0.7 it NUMBER;let them;my weight;not too;small ACT;the FOOT;the breath;the inhale;the torso;where it;you can't
ab -0.7 you exhale
ab 0.7 FOOT completely;FOOT inwards;FOOT only;SIDE NUMBER;and out;and punch;back down;back first;begin with
ab 0.7 bit so;cat stance;down so;exhale ACT;for that;in all;is up;its wings;need to;straight ACT;straight ahead
ab 0.7 the body;the chair;the fridge;too far;you ACT
ab 1.6 FOOT here
ab -0.4 FOOT inhale;front ACT;in SIDE;the in
ab 1.3 FOOT touching;SIDE in;each FOOT;in NUMBER;of you;the start;then FOOT;wants to
ab 0.3 FOOT up;NUMBER degrees;SIDE front;don't ACT;then ACT;you can
ab -1.0 HAND height;NUMBER inhale;a low
ab 1.7 NUMBER NUMBER;to you
ab 1.2 SIDE hip;cloud HAND;down first;side now;to it;your HAND
ab 0.5 a breath;back wall;down again;even up;forward again;hip width;in line;its FOOT;keep breathe;now ACT
ab 0.5 on both;one ACT;one o'clock;out SIDE;percent SIDE;that again;the coat;way around
ab -1.4 and again;back ACT
ab 1.1 and exhale;front corner;half way;is comfortable;on top;out again;out breath;start with;them in;then SIDE
ab 1.1 weight over;with it;you like
ab 2.0 behind you
ab 2.2 it is
ab -1.9 the first
ab 1.9 with you
ab 0.2 you are
abx -0.5 ACT ACT ACT;ACT SIDE and;ACT SIDE so;ACT in and;ACT it in;FOOT ACT first;FOOT ACT with;FOOT again and
abx -0.5 FOOT first then;FOOT flat and;FOOT in front;FOOT parallel and;SIDE FOOT ACT;SIDE FOOT back;SIDE FOOT hold
abx -0.5 SIDE FOOT out;a half ACT;and you ACT;for NUMBER breaths;my SIDE FOOT;the first ACT;the rear FOOT
abx -0.5 you ACT SIDE
abx 1.0 ACT SIDE FOOT;FOOT ACT SIDE;FOOT back SIDE;FOOT down FOOT;FOOT up FOOT;NUMBER percent the;SIDE FOOT a
abx 1.0 SIDE FOOT you;and out in;the FOOT now;the side ACT;then FOOT ACT
abx 0.8 ACT SIDE NUMBER;ACT forward breathe;FOOT flat ACT;FOOT now you;HAND ACT forward;HAND ACT in;SIDE FOOT keep
abx 0.8 out NUMBER ACT;the FOOT FOOT;to ACT so;you ACT NUMBER;your SIDE ACT
abx 0.9 ACT SIDE the;ACT back the;ACT through FOOT;FOOT ACT FOOT;NUMBER degrees the;out ACT to;over NUMBER ACT
abx 0.9 the ACT with;the FOOT you
abx -0.8 ACT SIDE then;ACT back weight;ACT it and;ACT it back;ACT up your;FOOT ACT half;FOOT first weight
abx -0.8 HAND ACT breathe;HAND down breathe;SIDE FOOT in;and ACT weight;and ACT with;breathe in when;it out and
abx -0.8 let it ACT;the HAND exhale;the SIDE let;the SIDE without;ward off SIDE;you ACT exhale;your SIDE and
abx -0.7 ACT SIDE weight;ACT ahead and;ACT down and;FOOT ACT your;FOOT NUMBER ACT;FOOT now the;FOOT out SIDE
abx -0.7 FOOT up half;SIDE FOOT SIDE;SIDE FOOT can;SIDE FOOT now;SIDE corner and;a ACT ACT;and it ACT
abx -0.7 breathe out the;let them ACT;the ACT FOOT;the FOOT stay;the SIDE diagonal;the SIDE over;the first NUMBER
abx -0.7 the side FOOT;them out and;to ACT the;your SIDE HAND
abx -1.4 ACT back ACT;FOOT together and
abx 1.2 ACT back FOOT;is ACT the;the SIDE your;the back ACT
abx -1.5 ACT back SIDE;FOOT ACT then;FOOT down weight;the SIDE breathe
abx -0.6 ACT back so;ACT in NUMBER;ACT off the;ACT through ACT;ACT up my;FOOT ACT NUMBER;FOOT down ACT;FOOT in half
abx -0.6 FOOT in weight;FOOT out NUMBER;FOOT out weight;FOOT together HAND;NUMBER degrees SIDE;a small ACT
abx -0.6 and ACT all;and ACT my;both FOOT bend;for NUMBER seconds;into it and;it down ACT;other side ACT
abx -0.6 out ACT ACT;shoulder-width width apart;the FOOT are;the FOOT weight;the SIDE hip;the SIDE until
abx -0.6 the floor and;the other FOOT;the other side;the out breath;waist SIDE then
abx -1.0 ACT forward ACT;ACT in then;SIDE ACT the;and ACT the;breathe out when;hold it hold;last one ACT
abx -1.0 the front SIDE;the side and
abx 0.7 ACT forward on;ACT it ACT;ACT out and;FOOT ACT into;FOOT down and;HAND ACT to;NUMBER NUMBER ACT
abx 0.7 NUMBER seconds ACT;and ACT so;back FOOT and;in front ACT;on it the;other FOOT ACT;the SIDE onto
abx 0.7 then SIDE ACT;with it ACT
abx 0.5 ACT now the;down first ACT;one FOOT ACT;the FOOT i;the SIDE the;the weight the;to ACT in;you ACT it
abx -1.3 ACT out SIDE;percent SIDE SIDE;the front FOOT
abx 1.3 ACT up ACT;behind you ACT
abx 0.6 ACT up SIDE;FOOT together FOOT;HAND ACT then;HAND down ACT;SIDE FOOT we;a ACT back;on the SIDE
abx 0.6 out SIDE FOOT;the ACT as;the FOOT SIDE;the FOOT out;to ACT and;to ACT your;we ACT ACT;you ACT on
abx -1.2 ACT up the;FOOT ACT in;NUMBER NUMBER SIDE;SIDE SIDE SIDE;breathe out and;the SIDE and;the back FOOT
abx -1.2 weight SIDE ACT
abx -0.4 FOOT ACT and;FOOT ACT up;FOOT in ACT;HAND ACT as;as you ACT;in front and;the in breath;the middle and
abx -0.4 your body weight
abx -0.3 FOOT ACT forward
abx -1.1 FOOT first and;NUMBER NUMBER degrees;NUMBER NUMBER weight;and ACT it;onto it and;the HAND ACT
abx -1.1 the SIDE FOOT;the SIDE HAND;the SIDE now;the weight ACT;you ACT you;your SIDE FOOT
abx 1.7 FOOT in the
abx -0.1 FOOT out ACT
abx -0.9 FOOT out and;SIDE FOOT half;SIDE FOOT without;a ACT so;back FOOT the;brush FOOT SIDE;i ACT my;off SIDE ACT
abx -0.9 the SIDE corner;the SIDE front;the SIDE side;the corner and;the floor if;width apart and
abx 0.4 SIDE ACT and;back SIDE SIDE;both FOOT on
abx -0.2 SIDE FOOT front;bow stance ACT
abx 1.1 SIDE FOOT with;SIDE FOOT you're;SIDE SIDE ACT;breathe out SIDE;it ACT SIDE
abx 1.4 breathe in and;horse stance ACT
abx 1.5 the FOOT the
any -2.5 *
b 0.7 ACT;arrives;closer;direction;far;fridge;happy;hips;instead;light;main;split;times;was
b 1.5 FOOT;width;work
b 0.8 HAND;arrive;backwards;bent;bow;diagonally;enough;forwards;hanging;hip;leaning;line;low;minute;parry;punch
b 0.8 rest;right;stool;windows
b -0.7 NUMBER;can't;doing;having;never;number;pause;quarter;single;small;there's;till;you;you've
b 1.4 SIDE;alongside;forward;outwards;touching
b -3.1 a
b -1.1 about;because;brush;like;past;will;without;yes
b 0.9 across;altogether;around;degrees;even;lute;pushing;sideways;tall;way
b -0.9 after;an;are;easy;feel;has;means;ready;sure
b 1.2 again;diagonal;floor;mane;write
b 1.3 ahead;behind;breathe;door;ear;here;instep;level;sides;solid;there;wall
b -1.4 all;or;people;this;what
b -4.5 and
b 2.5 apart
b -2.7 as;of
b -1.3 at;big;from;our;she;while
b 1.8 away;east
b 0.6 back;else;high;horse;lead;seconds;slightly;space;thigh;top;try;us;week
b -1.2 be;but;make;okay;see;they
b -0.6 beside;body;called;does;double;each;nice;oh;performer;some;teacher;wait;would
b -1.0 between;feels;get;have;he;its;now;ok;only;should;you'll
b -0.4 bottom
b 1.1 breath;ears;first;hang;me;middle;north;o'clock;parallel;section;started;stop;tail;them;through;wings
b 2.1 breaths
b -1.7 by;do;i'm;keep;that's;we're
b 1.0 clock;completely;crane;evenly;home;it;length;soft;think;time;up;walking;wide
b 0.5 coat;distributed
b 1.9 comfortable;room;side;together
b 2.0 corner;equally
b -1.5 don't;it's;not;we'll;where
b 1.7 down;out;yet
b -0.8 end;finish;got;how;last;look;next;once;position;that;third;torso;white
b -0.5 ex;stretch;than;which
b 1.6 flat;front;height;inwards;itself;straight;wider
b -2.2 for
b -1.6 hold;no;until;with
b -2.5 i;to
b -1.9 if;let;let's;you're
b -2.0 into;onto
b -2.1 is
b -2.3 my;on
b -2.9 so
b -4.7 the
b -3.2 then
b -2.6 we
b -1.8 when
b -3.5 your
bx 1.0 ACT ACT;ACT last;FOOT FOOT;FOOT SIDE;FOOT it;FOOT let;FOOT we're;SIDE into;closer ACT;out now;percent the
bx 1.0 up FOOT;up i;weight and;write ACT
bx -0.7 ACT NUMBER;ACT out;ACT through;ACT you're;FOOT again;FOOT for;FOOT half;FOOT not;FOOT parallel
bx -0.7 FOOT straight;FOOT which;HAND are;HAND exhale;NUMBER seconds;SIDE as;SIDE diagonal;all the;back into
bx -0.7 beside the;cloud HAND;don't ACT;exhale as;finish ACT;flat and;forward as;forward when;in half;in let
bx -0.7 inhale ACT;it then;long breath;more weight;movement NUMBER;now i;now i'm;number NUMBER;one we;other side
bx -0.7 out so;past the;quarter ACT;she ACT;small ACT;stance SIDE;still ACT;that the;touching the;up as;up breathe
bx -0.7 up my;without ACT;you ACT;you breathe
bx -1.2 ACT SIDE;FOOT now;FOOT together;away from;forward weight;i ACT;over the;weight SIDE;weight back
bx -1.2 your weight
bx -0.6 ACT a;ACT across;ACT forwards;ACT north;FOOT at;FOOT completely;FOOT forward;FOOT it's;FOOT pointing
bx -0.6 HAND up;SIDE on;SIDE until;again and;back SIDE;behind your;body weight;comfortable ACT;corner ACT
bx -0.6 degrees SIDE;degrees and;don't let;down again;floor and;forward into;forward onto;front and;having ACT
bx -0.6 in my;in this;in to;it if;it over;leave the;let's ACT;next we;now we're;other FOOT;out on;out over
bx -0.6 out your;over NUMBER;over your;rear FOOT;single whip;snake ACT;start ACT;that i;they ACT;together HAND
bx -0.6 up from;up half;width away
bx -1.0 ACT all;FOOT while;NUMBER counts;SIDE then;SIDE without;and ACT;bend the;both FOOT;breath ACT;forward and
bx -1.0 i'm ACT;in inhale;let the;out NUMBER;out when;top ACT;you're ACT
bx -0.5 ACT around;ACT straight;FOOT is;FOOT okay;FOOT out;FOOT rest;NUMBER breaths;NUMBER o'clock;and then;as the
bx -0.5 as you;at the;back to;be ACT;corner and;ex exhale;exhale ACT;exhale and;let your;on your;so now;stance so
bx -0.5 to finish;were ACT
bx -2.4 ACT back;SIDE HAND
bx -2.0 ACT forward;ACT your
bx 0.9 ACT hold;ACT no;ACT she;ACT then;back ACT;backwards ACT;front ACT;in SIDE;in now;it to;now with;out in
bx 0.9 through FOOT
bx 0.5 ACT inhale;ACT now;ACT one;ACT with;FOOT i'm;NUMBER weight;SIDE by;about ACT;bit now;middle HAND
bx 0.5 through SIDE
bx -0.8 ACT into;ACT onto;FOOT in;FOOT stays;HAND look;SIDE bow;SIDE hip;a ACT;about NUMBER;back then;behind the
bx -0.8 doesn't ACT;forward again;in a;in the;into the;it FOOT;it hold;my SIDE;now we;of the;off SIDE;off the
bx -0.8 right now;side so;so ACT;straight ahead;the weight;there for;to the;up your;way and;weight NUMBER
bx -0.8 weight even;weight forward;with your
bx -1.4 ACT it;ACT my;in front;now ACT;on the
bx 0.6 ACT make;FOOT body;FOOT both;FOOT let's;FOOT what;FOOT you;NUMBER HAND;NUMBER back;again now;again the
bx 0.6 beside SIDE;down ACT;down the;first the;forward ACT;it with;out breathe;so let;together FOOT
bx 0.8 ACT okay;FOOT NUMBER;FOOT exhale;FOOT that;FOOT with;NUMBER FOOT;SIDE a;SIDE out;SIDE that's;SIDE the
bx 0.8 SIDE waist;forward FOOT;in ACT;now NUMBER;out the;parry and;that for
bx -0.9 ACT over;FOOT ACT;SIDE corner;SIDE let's;both HAND;bow stance;breath in;breathe out;by ACT;floor if
bx -0.9 from the;he ACT;in when;it ACT;my weight;onto the;out weight;side FOOT;the SIDE;thing ACT;waist SIDE
bx -0.9 we ACT;weight in;weight now;width apart;your SIDE
bx 0.4 ACT that's;SIDE exhale;comfortable now;corner NUMBER
bx -1.5 ACT the;FOOT are;NUMBER NUMBER;first then;with the
bx -1.1 ACT them;FOOT only;FOOT then;FOOT touching;FOOT up;HAND hold;NUMBER percent;SIDE front;back FOOT;body ACT
bx -1.1 down as;forward now;half ACT;in NUMBER;it all;out breath;then ACT;together and;we're ACT
bx -1.8 ACT up;behind you
bx 0.7 ACT we;FOOT a;FOOT i;FOOT onto;FOOT we;HAND with;NUMBER now;SIDE onto;behind and;degrees we;east ACT
bx 0.7 evenly ACT;first NUMBER;forward the;it for;north ACT;now FOOT;out into;seconds ACT;side the;straight ACT
bx 0.7 up HAND;weight up;width ACT
bx -0.4 FOOT down;SIDE and;SIDE let;back and;down if;if you;is now;middle and;up and
bx -2.3 FOOT first
bx 1.2 FOOT no;back the
bx -1.3 FOOT stay;HAND ACT;NUMBER degrees;SIDE side;down first;weight ACT
bx 1.9 FOOT the
bx 1.1 FOOT you're;across ACT;behind ACT;front the;instead ACT;up so;you and
bx 1.5 FOOT your;HAND the
bx -2.6 SIDE FOOT
bx -0.2 SIDE no
bx -0.3 SIDE so;apart and;in your;waist ACT
bx -1.6 breathe in;can ACT;out as;to ACT
bx 1.3 degrees the;it the
bx 1.4 flat ACT
bx -1.7 front FOOT;side now;through the
bx 1.6 weight the
bxy 0.4 ACT ACT SIDE;ACT down ACT;FOOT in ACT;back and the
bxy 0.8 ACT ACT and;ACT ACT up;ACT back ACT;ACT on a;FOOT ACT NUMBER;FOOT in the;FOOT now ACT;FOOT the weight
bxy 0.8 SIDE ACT forward;SIDE FOOT first;SIDE SIDE HAND;SIDE and breathe;SIDE with your;and ACT with
bxy 0.8 corner ACT the;forward ACT back;is ACT on;it ACT SIDE;it and the;up i ACT
bxy 0.5 ACT ACT down;ACT and the;ACT in NUMBER;FOOT ACT on;FOOT the front;HAND ACT SIDE;SIDE ACT ACT;SIDE the HAND
bxy 0.5 forward and the;out let the
bxy -0.6 ACT ACT forward;ACT all your;ACT and exhale;ACT half a;ACT it down;FOOT ACT to;FOOT half a;FOOT that ACT
bxy -0.6 SIDE ACT a;SIDE SIDE SIDE;back ACT SIDE;back ACT into;back FOOT ACT;behind you ACT;beside the SIDE
bxy -0.6 corner and ACT;down FOOT first;forward the SIDE;half ACT with;here ACT the;in ACT SIDE;on the SIDE
bxy -0.6 out ACT it;out NUMBER ACT;out when you;snake ACT down;up my SIDE;weight ACT onto;you ACT onto
bxy -0.7 ACT ACT on;ACT and you;ACT the FOOT;FOOT and breathe;FOOT so it's;FOOT the FOOT;FOOT weight SIDE
bxy -0.7 SIDE ACT in;SIDE and i;SIDE brush FOOT;again ACT SIDE;breath ACT out;can ACT it;down breathe out;in ACT it
bxy -0.7 in and ACT;into the SIDE;my SIDE FOOT;onto the SIDE;over the SIDE;up ACT SIDE;up ACT it;waist ACT to
bxy -0.7 weight ACT forward;you ACT on;you ACT the
bxy -2.0 ACT ACT with
bxy -0.4 ACT FOOT together;ACT all of;ACT as you;ACT the body;FOOT ACT over;FOOT all the;FOOT back to
bxy -0.4 FOOT don't ACT;HAND ACT across;SIDE FOOT back;over and ACT
bxy 1.2 ACT HAND up;SIDE a ACT;weight ACT the
bxy -1.2 ACT NUMBER percent;ACT the SIDE;SIDE ACT it;out let them;the SIDE FOOT
bxy -1.4 ACT SIDE ACT;NUMBER ACT your;SIDE ACT out
bxy 1.1 ACT and then;ACT the ACT;FOOT ACT onto;HAND the SIDE;back so ACT;up HAND ACT
bxy 0.6 ACT as the;FOOT ACT forward;HAND ACT out;NUMBER ACT out;back FOOT first;degrees ACT the
bxy 0.7 ACT half ACT;ACT out ACT;FOOT ACT SIDE;FOOT ACT forwards;FOOT a ACT;FOOT down ACT;FOOT i ACT;FOOT onto the
bxy 0.7 FOOT the HAND;FOOT through the;FOOT your weight;SIDE ACT HAND;SIDE ACT to;SIDE FOOT on;SIDE onto the
bxy 0.7 back ACT back;back FOOT in;floor ACT the;forward on the;in it ACT;it ACT the;side the SIDE
bxy 0.7 together ACT the;we ACT back;weight the SIDE;you ACT SIDE
bxy -0.5 ACT i can;FOOT one NUMBER;FOOT so ACT;HAND ACT breathe;HAND ACT down;HAND ACT over;HAND and the
bxy -0.5 NUMBER NUMBER one;SIDE FOOT in;SIDE FOOT the;SIDE weight SIDE;back ACT ACT;behind the SIDE;flat and ACT
bxy -0.5 now i'm ACT;out ACT forward;out ACT up;out breath ACT;out the SIDE;up ACT the;we ACT the;you breathe in
bxy 1.3 ACT it ACT;ACT so you;out ACT back
bxy -1.0 ACT that FOOT;ACT the HAND;ACT the back;FOOT ACT out;FOOT and ACT;FOOT and let;FOOT the SIDE;SIDE ACT the
bxy -1.0 SIDE FOOT ACT;SIDE HAND ACT;forward and ACT;inhale ACT the;through and ACT;up half a;waist ACT SIDE
bxy -1.1 ACT the weight;SIDE ACT SIDE;SIDE SIDE FOOT;SIDE the SIDE;down and ACT;weight ACT into
bxy -0.8 ACT weight back;ACT weight forward;FOOT can ACT;FOOT then ACT;FOOT then FOOT;FOOT to ACT;SIDE as the
bxy -0.8 SIDE bow stance;SIDE weight on;can ACT the;forward NUMBER percent;front ACT your;half ACT up;in ACT the
bxy -0.8 in weight SIDE;it ACT out;it hold it;out as you;up SIDE HAND;up breathe in;up your SIDE;weight ACT back
bxy -0.8 weight ACT to;your SIDE FOOT
bxy -0.9 ACT your SIDE;ACT your weight;FOOT that's the;HAND ACT up;corner FOOT first;floor if you;out ACT down
bxy -0.9 there ACT the;to the SIDE;with the SIDE
bxy 0.3 FOOT ACT FOOT;FOOT ACT with;FOOT and i;FOOT now let;SIDE SIDE ACT
bxy -1.5 FOOT ACT in
bxy 1.9 FOOT ACT into;SIDE FOOT parallel
bxy 0.2 FOOT ACT off
bxy 1.0 FOOT ACT the;FOOT ACT them;FOOT NUMBER ACT;HAND ACT your;in HAND down;it with the;up and breathe
bxy 1.8 FOOT ACT your
bxy -0.3 FOOT so the;HAND ACT back;SIDE FOOT down;down SIDE FOOT;in the HAND
bxy 0.1 SIDE ACT weight
bxy -1.3 back ACT the
bxy 0.9 first weight ACT;percent the SIDE
bxy 1.4 in weight to
w -1.9 #
w 0.6 a;distance;fold;like;onto;stretch;to;towards;wait;what
w 0.8 about;door;hips;lock;threw;toward;watch
w -0.7 again;flying;here;o'clock;until;we;wrong;yet
w 0.7 along;beside;counts;hold;isn't;leaves;not;on;past;pushing;tightrope;with
w 1.0 an;left;long;makes;shared
w -0.9 apart;heal;i'm;last;say;sure;want
w -0.5 because;equal;feel;sorry;there's;try
w -0.4 belly;hip;repulse
w 1.4 between;count;where;without
w 1.3 by
w 1.1 check
w -0.6 comfortable;do;keep;need;tall;those;till
w -0.8 degrees;flat;get;lot;okay;once;slightly;straight;we'll;while;whip
w 0.5 did;don't;kissing;leave;or;sideways;single;split;tying;us
w 0.9 exhale;of;should;than;wild
w 1.2 for;over
w -1.2 let;let's
w -1.0 lose;me;so;way
w 0.4 most;our;times;you'll
w -1.4 now
w -1.5 number
w 0.3 other;round;when
x 0.9 ACT;allow;even;golden;grab;his;most;play;quarter;release;you've
x -1.1 FOOT;ahead;along;bit;breaths;forward;past;percent;slightly;till;wall;yourself
x -1.7 a;but;round;until
x -2.4 about;is
x -1.2 across;again;becomes;evenly;has;here;me;over;touching;under;way;wide;will;yet
x 0.4 after;both
x -0.5 alongside;comfortable;fully;leaves;little;threw
x -1.5 apart;degrees;width
x -1.3 around;between;side;stays;straight;them;thing;too
x 0.7 arrive;double;end;hang;other;waist;we;what's;white
x -1.6 at;in;like
x -1.4 away;flat;height;hip;parallel;should;stance;there
x -0.8 back;completely;diagonal;gets;instep;line;more;one;wider
x -0.9 backwards;doesn't;east;equally;feels;home;off;or;seconds;shoulder-width;soft;than;toward;towards
x 1.1 begin;careful;last;make;rest;you'll
x -2.5 behind
x 0.6 bend;ex;half;having;i'll;practise;tidy
x -0.6 bent;brushes;diagonally;important;letting;makes;means;north;passes;pointing;thigh;us;walking;whip
x -1.9 beside;together
x 0.8 big;change;equal;have;how;movement;my;needle;only;second;third
x 2.3 breathe
x 1.0 brush;did;feel;never;once;repulse;think;today's;we're
x -2.2 by;to
x -2.3 corner
x 1.4 count;fold;i'm;keeping;let's;repeat;stretch
x -1.0 counts;forwards;front;inwards;it;level;outward;rests;tall;where
x 1.2 deflect;exhale;it's;wait;weight;when
x 0.5 do;give;people;split;starting
x 1.5 don't;he;i
x -3.1 down
x 2.1 finish
x -0.7 for;forty-five;inward;its;not;o'clock;one's;outwards;resting;solid;was
x 1.6 get;keep;look;pause;she;start;that's;watch
x 2.2 hold;ok;we'll
x 2.0 if
x 1.3 imagine;shake;single
x 2.4 inhale
x -2.1 into;on;onto;through;up
x -0.4 isn't
x 1.9 let;swap;then;what
x 1.7 next;number;remember;soften;stay;there's
x 1.8 notice
x 2.5 now
x -3.3 of
x 3.2 okay
x -3.0 out
x 0.2 those
x -1.8 with
xy -0.8 ACT ACT;ACT exhale;ACT like;ACT so;FOOT and;NUMBER on;SIDE corner;a little;along the;beside the;if that's
xy -0.8 it's not;like you're;shoulder-width width;so it's;to NUMBER;toward the;which is;with it
xy 0.8 ACT HAND;ACT my;FOOT not;HAND look;SIDE is;all right;and down;and i'm;and on;and that;breath in;doing the
xy 0.8 don't rush;last one;now the;on the;repeat on;so first;stay there;the next;then we;we do;weight now
xy 0.8 you should
xy 1.4 ACT NUMBER;ACT all;FOOT together;is your;so that's;to get;which FOOT
xy 0.7 ACT SIDE;ACT evenly;ACT me;FOOT over;HAND to;and then;back again;brush and;do not;exhale as;for those
xy 0.7 have your;inhale and;most of;now ACT;now we;one ACT;play the;shake your;start by;to finish;we'll ACT
xy 0.7 weight ACT;with no;you'll feel
xy 1.9 ACT a;SIDE so;movement NUMBER;number NUMBER
xy 0.5 ACT about;ACT forwards;ACT wide;FOOT bend;FOOT don't;SIDE out;have a;hold it;keep breathe;let's have
xy 0.5 never ACT;waist SIDE;we ACT
xy -0.7 ACT as;ACT last;ACT now;a bit;about NUMBER;and look;back down;i can;on it;onto it;stay down;the floor
xy -0.7 then out;to your;your FOOT
xy 1.0 ACT body;ACT both;ACT the;FOOT are;HAND are;HAND over;NUMBER i;a lot;breath out;he ACT;keep your;make sure
xy 1.0 next we;pause for;same on;that is;up on;when the
xy -0.9 ACT first;ACT together;HAND by;SIDE NUMBER;as we;first ACT;first then;is ACT;towards the
xy 0.6 ACT for;ACT into;ACT it;ACT tall;ACT until;ACT you're;FOOT flat;HAND up;a ACT;as you;down ACT;ex exhale
xy 0.6 forward again;hold for;inhale ACT;okay and;right back;right now;shake it;side ACT;soften the;then a
xy 0.6 then all;then it;tidy up;up ACT;wait there;weight into;weight is;without ACT
xy -1.1 ACT hold;ACT you;SIDE SIDE;and NUMBER;breathe out;for a;of the
xy -0.6 ACT if;ACT inhale;ACT of;ACT stance;ACT straight;FOOT now;and do;behind you;by the;flat ACT;into a;like a
xy -0.6 my body;no weight;now NUMBER;on both;only as;past the;so you;the other;the same;until the;while the
xy -0.6 with my
xy 0.3 ACT on;HAND ACT
xy 0.4 ACT slightly;SIDE HAND;and keep;can see;forward weight;get up;now let;now that;start with
xy -1.0 ACT then;SIDE weight;and hold;are ACT;before the;instead ACT;now and
xy 1.1 ACT to;FOOT of;NUMBER ACT;and i;be careful;can you;let's ACT;or ACT;that was;think of;you end;you want
xy 2.0 ACT your;in inhale
xy 0.9 ACT yourself;SIDE FOOT;allow the;bend the;brush past;get your;having ACT;i'm ACT;in breath;leave the
xy 0.9 part NUMBER;quarter ACT;release the;some of;some people;those with;we start;weight and;with an
xy 1.5 FOOT parallel;and again;and forward;and that's;front FOOT;so from
xy 1.3 FOOT shoulder-width;again weight;bend your;first thing;is that
xy -1.2 NUMBER degrees;in front;off the;that ACT
xy 1.8 NUMBER more
xy -0.5 NUMBER one;and exhale;and it;and let's;and shake;and up;does the;even on;first the;half way;into the
xy -0.5 leaves the;onto the;that's your
xy 1.2 SIDE let's;back FOOT;let me;so now;so we
xy -0.4 and feel;and i'll;then SIDE
xy 1.7 and now;and to
xy -0.1 and the
xy 1.6 and when;exhale and;this is
xy -0.2 and your
xy -1.3 as your;can ACT;for NUMBER;then forward
xy 0.2 my weight;the weight
xy -2.6 next to
xy -1.4 now so
xy -0.3 so let's
xy -2.2 so that
xy -2.0 then FOOT
xy 2.3 to do
xy -2.3 to the
xyz 0.6 ACT ACT and;ACT NUMBER is;ACT a bit;ACT down as;ACT it all;ACT now ACT;ACT round to;ACT through the
xyz 0.6 ACT with the;FOOT in line;FOOT together weight;FOOT up FOOT;HAND at the;SIDE brush FOOT;a ACT with
xyz 0.6 again ACT SIDE;an ACT stance;as you inhale;back FOOT out;back onto the;back to ACT;both FOOT ACT
xyz 0.6 bow stance NUMBER;exhale and ACT;first ACT your;first SIDE FOOT;forward again onto;it's the SIDE
xyz 0.6 make the SIDE;now let the;over NUMBER counts;soften the FOOT;the weight ACT;the weight has;to do the
xyz 0.6 ward off SIDE;we ACT forward;weight in your;your weight is
xyz 1.5 ACT ACT forward;ACT back into;ACT back on;ACT back onto;ACT up onto;and to finish;breathe in as
xyz -0.6 ACT ACT on;ACT down ACT;ACT in front;ACT now the;ACT over the;ACT through SIDE;ACT up ACT;FOOT ACT the
xyz -0.6 FOOT is ACT;SIDE FOOT NUMBER;SIDE FOOT can;SIDE FOOT through;SIDE FOOT weight;all of it;and ACT on
xyz -0.6 and the FOOT;and the front;and your FOOT;breathe in breathe;exhale ACT the;if your ACT;leave the FOOT
xyz -0.6 on your SIDE;so ACT SIDE;so ACT it;so weight on;the FOOT now;then ACT forward;we ACT it;weight SIDE weight
xyz -0.6 weight forward ACT;while the SIDE;with your SIDE
xyz -0.5 ACT ACT out;ACT ACT your;ACT SIDE the;ACT a ACT;ACT across to;ACT forward the;ACT on a;ACT them out
xyz -0.5 and ACT #;and then out;back FOOT first;breathe out #;even on both;from the floor;i can ACT;it ACT to
xyz -0.5 let the FOOT;let your HAND;off the floor;onto the FOOT;so that your
xyz -0.9 ACT ACT the;ACT it now;ACT the ACT;SIDE FOOT first;and ACT into;and ACT up;as you ACT;then ACT SIDE
xyz -0.9 with the FOOT
xyz 1.7 ACT ACT with;ACT up your;to ACT forward;up ACT the
xyz -0.8 ACT NUMBER ACT;ACT down first;ACT on its;ACT the other;NUMBER on the;NUMBER percent the;SIDE ACT the
xyz -0.8 and out in;and you ACT;both FOOT on;breathe out SIDE;i ACT the;over the SIDE;so i can;the FOOT and
xyz -0.8 the weight to;then ACT out;to ACT the;weight on it;when you ACT;you ACT forward
xyz 0.7 ACT SIDE ACT;ACT SIDE and;ACT is the;ACT out SIDE;ACT that FOOT;FOOT ACT back;FOOT ACT then
xyz 0.7 FOOT NUMBER NUMBER;FOOT down weight;FOOT in ACT;HAND up breathe;SIDE ACT in;SIDE FOOT back;SIDE HAND up
xyz 0.7 SIDE the SIDE;about NUMBER thirds;and ACT forward;and again SIDE;as you exhale;back ACT SIDE
xyz 0.7 back ACT forward;both FOOT the;brush and ACT;have your weight;inhale and ACT;let's ACT it;let's do that
xyz 0.7 my SIDE FOOT;now ACT forward;on the last;out to the;shake your FOOT;side ACT SIDE;so ACT on;so all the
xyz 0.7 start by ACT;the FOOT don't;there's a ACT;weight NUMBER NUMBER;weight SIDE SIDE;weight stays on
xyz 0.7 with no weight;you can't ACT;you're ACT the
xyz 0.8 ACT SIDE on;ACT and ACT;ACT around to;ACT back over;ACT it down;ACT your ACT;and ACT back;and on the
xyz 0.8 as you do;bend the SIDE;breath ACT in;down ACT and;forward onto the;i want you;in ACT the;it ACT through
xyz 0.8 let the breath;my back FOOT;repeat on the;start with your;the FOOT are;the FOOT do;the back FOOT
xyz 0.8 we ACT out;weight to the;you ACT you
xyz 0.9 ACT SIDE then;ACT a breath;ACT down on;ACT forward onto;ACT it with;ACT one NUMBER;ACT onto the;ACT out to
xyz 0.9 ACT out your;ACT the waist;FOOT ACT SIDE;FOOT down FOOT;FOOT is down;FOOT out SIDE;FOOT parallel weight
xyz 0.9 NUMBER NUMBER in;SIDE FOOT half;and then i;and then we're;as the weight;back SIDE SIDE;brush past the
xyz 0.9 half ACT up;so let it;the ACT FOOT;the first ACT;then ACT down;then the SIDE;there ACT the;you're ACT to
xyz -0.7 ACT SIDE weight;ACT back first;ACT back so;ACT forward FOOT;ACT from the;ACT last one;ACT out FOOT
xyz -0.7 ACT out again;ACT through and;ACT up half;NUMBER NUMBER NUMBER;NUMBER percent and;SIDE FOOT and
xyz -0.7 SIDE FOOT touching;and ACT with;beside the SIDE;for the FOOT;from the back;now the weight;on the ACT
xyz -0.7 then the whole;weight ACT forward;weight forward SIDE
xyz -1.4 ACT a little
xyz 0.5 ACT ahead and;ACT as you;ACT back weight;ACT it on;FOOT don't ACT;HAND to your;NUMBER counts to
xyz 0.5 NUMBER percent on;SIDE side ACT;breathe out and;by ACT the;he ACT the;i ACT my;inhale as you;is that the
xyz 0.5 it then ACT;my weight ACT;now we ACT;the SIDE is;we ACT onto
xyz 1.0 ACT back ACT;ACT in with;ACT to your;FOOT ACT down;FOOT back down;NUMBER i ACT;SIDE FOOT ACT;and ACT and
xyz 1.0 and ACT my;both FOOT bend;breathe in when;down ACT the;on the in;same on the;so we're in;the first thing
xyz 1.0 the weight is
xyz -0.4 ACT back FOOT;ACT forward breathe;ACT onto it;FOOT are ACT;FOOT out ACT;HAND down ACT;breathe in and
xyz -0.4 weight back onto;you can ACT
xyz 1.1 ACT back SIDE;ACT down into;ACT on both;ACT up on;ACT up the;FOOT of the;FOOT together FOOT
xyz 1.1 NUMBER NUMBER on;a lot of;and ACT again;and let it;both HAND ACT;from the top;half ACT with;other side ACT
xyz 1.1 the rear FOOT;up on the;weight back to;you end up
xyz -0.2 ACT back and
xyz 1.3 ACT back with;ACT through with;FOOT shoulder-width width;all the weight;back FOOT ACT;bend your FOOT
xyz 1.3 out ACT the
xyz 1.2 ACT down with;ACT forward into;ACT out with;ACT them down;ACT up tall;FOOT ACT and;FOOT are parallel
xyz 1.2 HAND ACT up;SIDE FOOT straight;breathe in for;don't let the;for the next;the SIDE FOOT;the front FOOT
xyz 1.2 the waist ACT;to ACT out
xyz 1.6 ACT forward with;the FOOT of
xyz 1.4 ACT in the;ACT up with;ACT with your;FOOT out with;NUMBER ACT your;at the end;your SIDE FOOT
xyz 2.0 ACT on your;the ACT is
xyz -1.2 ACT out ACT;ACT up and;as the SIDE;breathe out now;next to the;so the FOOT;the FOOT down
xyz -1.0 ACT out weight;ACT your FOOT;NUMBER NUMBER and;as the waist;on the floor;to the SIDE
xyz -1.7 ACT the floor;with the SIDE
xyz 0.4 ACT to ACT;SIDE ACT on;back again and;now ACT to;on the other;the FOOT that's;with the weight;you ACT onto
xyz 0.3 ACT to NUMBER;ACT weight forward
xyz -0.3 FOOT down ACT;and breathe in
xyz -1.9 NUMBER NUMBER degrees;on the FOOT
xyz 1.8 NUMBER NUMBER weight;your weight should
xyz -1.3 all the way;from the waist
xyz -1.6 breathe out ACT
xyz -2.1 if you can
xyz -2.0 if you need
xyz -1.1 in the SIDE;we ACT back
xyz -2.3 on the SIDE
xyz 1.9 the SIDE HAND
xyz -2.2 then the FOOT
y -1.9 #
y -0.6 SIDE;behind;breaths;gentle;hang;has;horse;nose;o'clock;outward;pushing;rest;same;today;whole
y 0.7 again;an;doesn't;forget;most;over;relaxed;river;share;threw;you're
y 0.6 all;any;ends;everything;exhale;halfway;pause;position;split;that;we;work;write
y -0.8 along;equal;even;in;rests;stretch
y -1.3 and;little
y -1.1 apart;floor;its;past
y 1.0 are;careful;lot;style;sure
y -0.7 because;bit;but;her;higher;hip;let;middle;next;punch;so;sorry;straight;them;to;touching;wings
y 1.4 begin;thing
y -0.9 beside;bow;first;front;light;only
y 1.1 breath;may
y -1.4 degrees
y -1.0 don't;hips;if;their
y -1.2 far;way;width
y -0.4 feel
y 0.8 finish;happens;lets;one;should;yourself
y -0.5 instead;leave;letting;make;stay;they
y 0.5 is;leaning;start
y 1.3 last;mistake;we've
y 0.9 means;tall;teacher;there
y 1.2 this
"""
