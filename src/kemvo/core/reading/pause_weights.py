"""How much each sign speaks for a pause: its name, its weight, the words it is of. Made by `make learn`; not to be edited
by hand."""

TABLE = """\
a -1.0 #;again
a 0.9 NUMBER;beach;becomes;behind;heal;onto;past;stays;wall;want;without
a 0.6 a;do;equal;full;important;its;mind;own;sideways;slightly;sorry;strike;they;they'll;through;ward;will;with
a -0.6 ahead;bent;deflect;good;okay;seconds;welcome
a 0.8 alongside;chest;clock;for;gets;opposite;pointing;shoulder-width;slow;them;too
a -0.8 apart;counts;height;inhale;let;shake;should;when
a 0.5 are;change;doesn't;done;i'll;was
a -1.6 as
a -1.1 bad
a -0.7 before;but;monkey;movement;punch;small;there;those;until;we'll;what's
a 1.1 beside;over;shorter;tailbone
a 1.3 bow;not
a 0.4 by;on;smaller;their
a 1.8 cat
a -0.9 corner;floor;if;let's;we
a -1.2 end
a 0.7 everything;ex;has;no;percent;same;the;try;under
a -0.5 first;lets;parallel;top
a 1.0 gentle;of
a -0.3 middle
a 1.5 need
a -1.4 now;so
a 1.4 wants
a -1.3 we're
ab 0.4 ACT FOOT;ACT back;FOOT forward;NUMBER times;SIDE front;can ACT;corner FOOT;is ACT;my FOOT;you can
ab 0.4 you should
ab -1.1 ACT NUMBER;FOOT is
ab 1.0 ACT across;ACT in;FOOT now;FOOT okay;FOOT straight;SIDE corner;and rest;front HAND;front corner
ab 1.0 in parallel;other FOOT;pause here;same weight;that ACT;them in;weight even
ab 0.6 ACT along;FOOT bend;NUMBER more;NUMBER o'clock;NUMBER one;all ACT;beside SIDE;doesn't ACT;down flat
ab 0.6 evenly distributed;forward weight;i do;in half;is up;its FOOT;keep breathe;now ACT;onto it;out SIDE
ab 0.6 percent SIDE;percent back;the body;the chair;ward off;we begin;width away;with FOOT;with SIDE
ab 0.7 ACT away;ACT inward;ACT right;FOOT completely;FOOT inwards;FOOT only;SIDE NUMBER;a minute;and breathe
ab 0.7 and out;and punch;back down;back first;begin with;ex exhale;for NUMBER;for that;its wings;little bit
ab 0.7 okay ACT;second FOOT;straight ACT;straight ahead;the fridge;you ACT
ab -0.5 ACT into;ACT slightly;FOOT NUMBER;FOOT so;FOOT you;HAND exhale;SIDE and;a half;and now;bit ACT;first thing
ab -0.5 in now;is light;it FOOT;the NUMBER;with an
ab 0.9 ACT itself;NUMBER breaths;SIDE diagonal;a ACT;a bit;and ACT;and NUMBER;half way;in front;it forward
ab 0.9 not ACT;out NUMBER;to ACT;to SIDE;we don't;your breath
ab 1.6 ACT me;FOOT here;to you
ab -0.8 ACT one;FOOT and;is down;is forward;is in;the last;where it;your chair
ab 0.5 ACT tall;FOOT down;HAND apart;a breath;and down;back wall;beside it;breathe in;down again;even up
ab 0.5 forward again;hip width;in line;my HAND;on it;one ACT;one o'clock;that is;that way;the coat;way around
ab -0.6 ACT the;ACT your;FOOT weight;a nice;a small;and only;down now;half ACT;is right;movement NUMBER;out now
ab -0.6 the out;the performer;then it;weight off;when you;you exhale;your body
ab -0.7 ACT to;ACT with;FOOT SIDE;FOOT can;FOOT it;HAND up;NUMBER ACT;NUMBER FOOT;NUMBER now;SIDE weight;a SIDE
ab -0.7 a big;it NUMBER;let me;let them;my weight;not too;percent in;small ACT;the FOOT;the breath;the inhale
ab -0.7 you can't
ab 1.1 ACT together;FOOT in;SIDE in;and exhale;cloud HAND;on top;out again;out breath;start with;then SIDE;to it
ab 1.1 weight over;with it;you like
ab -0.9 ACT too;and it;and you;as you;brush FOOT;number NUMBER;out FOOT;straight back;the second
ab 0.8 FOOT behind;HAND forward;HAND hanging;SIDE now;bit so;exhale ACT;for you;in all;it back;need to;no weight
ab 0.8 so SIDE;the ear;the floor;the heal;the windows
ab 1.4 FOOT first;into it;wants to
ab -0.4 FOOT inhale;FOOT should;a bow
ab 1.3 FOOT touching;the start;then FOOT
ab 0.2 FOOT up;SIDE SIDE
ab -1.0 HAND height;NUMBER inhale;a low;the next;the way;weight in
ab 1.7 NUMBER NUMBER
ab 0.3 NUMBER degrees;don't ACT;forward SIDE;weight forward
ab 1.2 SIDE hip;down first;each FOOT;in NUMBER;is comfortable;of you;side now;your HAND
ab -1.2 a FOOT;an ACT;you're ACT
ab -1.5 and again
ab -1.4 back ACT
ab 2.1 behind you;it is
ab 1.5 other SIDE
ab -1.9 the first
ab 1.9 with you
abx -0.3 ACT ACT ACT;FOOT in ACT
abx 1.0 ACT SIDE FOOT;FOOT back SIDE;FOOT up FOOT;NUMBER percent the;SIDE FOOT a;SIDE FOOT with;SIDE FOOT you
abx 1.0 SIDE SIDE ACT;and out in
abx 0.8 ACT SIDE NUMBER;HAND ACT forward;HAND ACT in;SIDE FOOT keep;back FOOT and;out NUMBER ACT;the FOOT FOOT
abx 0.8 to ACT ACT;your SIDE ACT
abx -0.5 ACT SIDE and;ACT SIDE so;ACT in and;ACT it in;ACT one ACT;FOOT ACT NUMBER;FOOT ACT and;FOOT ACT first
abx -0.5 FOOT again and;FOOT flat and;FOOT in front;FOOT in half;FOOT parallel and;SIDE FOOT back;SIDE FOOT out
abx -0.5 a half ACT;and you ACT;my SIDE FOOT;the first ACT;your body weight
abx 0.9 ACT SIDE the;ACT back the;ACT forward breathe;ACT out and;ACT through FOOT;FOOT ACT FOOT;FOOT down FOOT
abx 0.9 NUMBER degrees the;it ACT SIDE;out ACT to;over NUMBER ACT;the FOOT now;the FOOT you;the side ACT
abx 0.9 then FOOT ACT;you ACT NUMBER
abx -0.9 ACT SIDE then;ACT forward ACT;ACT in then;ACT it back;HAND down breathe;a ACT so;and ACT weight
abx -0.9 breathe in when;i ACT my;let it ACT;off SIDE ACT;the SIDE corner;the SIDE front;the SIDE side;the floor if
abx -0.7 ACT SIDE weight;ACT ahead and;ACT back weight;ACT up breathe;FOOT ACT your;FOOT NUMBER ACT
abx -0.7 FOOT first weight;SIDE FOOT can;a ACT ACT;and ACT with;and it ACT;breathe out the;last one ACT
abx -0.7 let them ACT;the ACT FOOT;the FOOT stay;the FOOT weight;the SIDE diagonal;the SIDE over;the corner and
abx -0.7 the first NUMBER;the side FOOT;them out and;to ACT the;you are ACT;your SIDE HAND
abx -1.4 ACT back ACT;the SIDE breathe
abx 1.2 ACT back FOOT;ACT up ACT
abx -1.5 ACT back SIDE
abx -0.6 ACT back so;ACT down and;ACT off the;ACT through ACT;ACT up my;FOOT down first;FOOT in weight
abx -0.6 FOOT out NUMBER;FOOT out SIDE;FOOT out weight;FOOT together HAND;FOOT up half;NUMBER degrees SIDE
abx -0.6 SIDE FOOT ACT;SIDE FOOT SIDE;SIDE FOOT hold;SIDE FOOT now;a small ACT;and ACT all;and ACT my;back FOOT ACT
abx -0.6 both FOOT bend;for NUMBER seconds;into it and;other side ACT;out ACT ACT;shoulder-width width apart
abx -0.6 the FOOT are;the SIDE hip;the SIDE until;the floor and;the other FOOT;the other side;the out breath
abx 0.6 ACT it ACT;HAND ACT SIDE;HAND ACT then;HAND down ACT;NUMBER NUMBER ACT;on the SIDE;out SIDE FOOT
abx 0.6 the FOOT SIDE;the FOOT out;to ACT and;to ACT your;you ACT on
abx -0.8 ACT it and;ACT up your;FOOT ACT half;FOOT now the;FOOT out and;HAND ACT breathe;SIDE FOOT in
abx -0.8 SIDE FOOT without;SIDE corner and;back FOOT the;brush FOOT SIDE;it out and;the HAND exhale;the SIDE let
abx -0.8 the SIDE without;waist SIDE then;ward off SIDE;you ACT exhale;your SIDE and
abx 0.5 ACT now the;FOOT down and;FOOT first SIDE;SIDE FOOT over;down first ACT;one FOOT ACT;the FOOT i
abx 0.5 the SIDE the;the floor ACT;the weight the;then ACT SIDE;to ACT in;we ACT ACT;you ACT it
abx -1.3 ACT out SIDE;FOOT ACT then;FOOT together and;SIDE FOOT half;SIDE SIDE SIDE;percent SIDE SIDE;the back FOOT
abx -1.3 the front FOOT
abx -1.2 ACT up the;NUMBER NUMBER SIDE;NUMBER NUMBER weight;the SIDE and;the SIDE now
abx 1.1 FOOT ACT SIDE;SIDE FOOT you're;behind you ACT;breathe out SIDE;the SIDE your;the back ACT
abx -0.4 FOOT ACT forward;FOOT ACT up;FOOT ACT with;FOOT in and;HAND ACT as;SIDE FOOT for;as you ACT;in front and
abx -0.4 it down ACT;the middle and;you ACT SIDE
abx -1.1 FOOT ACT in;FOOT first and;NUMBER NUMBER degrees;and ACT it;and ACT the;breathe out and;onto it and
abx -1.1 the HAND ACT;the SIDE FOOT;the SIDE HAND;the weight ACT;weight SIDE ACT;you ACT you;your SIDE FOOT
abx 0.7 FOOT ACT into;FOOT flat ACT;FOOT together FOOT;HAND ACT to;NUMBER seconds ACT;SIDE FOOT we;a ACT back
abx 0.7 and ACT so;in front ACT;the ACT as;the SIDE onto;then SIDE ACT;to ACT so;with it ACT
abx -1.0 FOOT down ACT;SIDE ACT the;breathe out when;hold it hold;the front SIDE;the side and;width apart and
abx -1.7 FOOT down weight
abx 1.7 FOOT in the
abx -0.0 FOOT out ACT
abx 0.4 SIDE ACT and;back SIDE SIDE;both FOOT on
abx -0.2 SIDE FOOT front;bow stance ACT
abx 1.4 breathe in and
abx 1.8 horse stance ACT
abx 1.3 is ACT the
abx 1.5 the FOOT the
any -2.6 *
b 0.7 ACT;back;closer;direction;else;high;hip;instead;light;minute;rest;slightly;split;us;was
b 1.6 FOOT;flat;front;inwards;itself;wider
b 0.8 HAND;arrive;arrives;diagonally;far;forwards;hanging;happy;leaning;line;low;parry;punch;windows
b -0.7 NUMBER;are;called;can't;doing;having;how;look;never;next;once;pause;single;small;that;there's;till;you
b -0.7 you've
b 1.4 SIDE;alongside;ear;here;instep;outwards;solid;there;touching
b -3.1 a;so;then
b -1.3 about;at;from;or;our;she;this;what;while
b 1.0 across;clock;completely;even;evenly;length;o'clock;soft;them;walking
b -0.9 after;between;easy;feels;has;have;now;should;sure;will
b 1.3 again;ahead;breathe;diagonal;door;level;mane;sides;wall
b -1.4 all;people;we'll
b 0.9 altogether;around;backwards;bent;degrees;home;lute;me;pushing;right;sideways;stop;tall;time
b -0.8 an;end;feel;finish;got;last;means;number;position;ready;third;torso
b -4.5 and
b 2.4 apart
b -2.6 as;of
b 1.7 away;height;out;straight
b -1.2 be;big;but;make;okay;see
b -1.1 because;past;they
b 1.2 behind;breath;crane;first;floor;hang;middle;parallel;way
b -0.6 beside;does;each;nice;performer;some;teacher;wait;would
b -0.5 body;double;find;stretch;which
b -0.4 bottom
b 2.0 breaths;corner;side
b -1.0 brush;get;he;its;like;ok;only;without;yes;you'll
b -1.7 by;do;i'm;keep;that's;we're;with
b 0.5 coat;in;times
b 1.9 comfortable;room
b 0.6 distributed;fridge;hips;seconds;space;thigh;top;try;week
b -1.6 don't;hold;no
b 1.5 down;forward;width;work
b 1.1 ears;it;north;section;started;tail;think;through;up;wide;wings;write
b 1.8 east;together;yet
b 2.1 equally
b -2.1 for;is
b -2.5 i;to;we
b -1.9 if;let;let's;onto;you're
b -2.0 into
b -1.5 it's;not;until;where
b -2.3 my
b -2.2 on
b -4.6 the
b -1.8 when
b -3.4 your
bx 1.0 ACT ACT;ACT last;ACT then;FOOT let;FOOT we're;SIDE into;closer ACT;percent the;up FOOT;up i;weight and
bx 1.0 write ACT;you and
bx -0.9 ACT NUMBER;ACT onto;ACT over;FOOT while;SIDE corner;SIDE let's;bend the;both HAND;breath in;breathe out
bx -0.9 by ACT;floor if;forward again;he ACT;in when;it ACT;my weight;onto the;side FOOT;the SIDE;thing ACT
bx -0.9 waist SIDE;we ACT;weight forward;weight now;width apart;your SIDE
bx -1.3 ACT SIDE;FOOT now;FOOT stay;HAND ACT;NUMBER degrees;SIDE side;in NUMBER;weight ACT
bx -0.5 ACT a;FOOT okay;FOOT out;FOOT rest;NUMBER o'clock;are ACT;as the;as you;at the;back to;be ACT;body weight
bx -0.5 down if;exhale ACT;exhale and;in your;let your;next we;on your;single whip;snake ACT;so now;were ACT
bx -0.6 ACT across;ACT around;ACT forwards;ACT north;FOOT at;FOOT completely;FOOT for;FOOT is;FOOT it's
bx -0.6 FOOT pointing;HAND exhale;HAND on;HAND up;NUMBER breaths;NUMBER seconds;SIDE on;SIDE until;again and
bx -0.6 all the;back SIDE;behind your;cloud HAND;corner ACT;degrees SIDE;degrees and;down again;exhale as
bx -0.6 finish ACT;floor and;forward into;forward onto;front and;having ACT;in to;it if;it over;it then;let's ACT
bx -0.6 long breath;now we're;other FOOT;out on;out over;right now;start ACT;that i;they ACT;together HAND;up from
bx -0.6 width away;without ACT
bx -1.0 ACT all;FOOT then;NUMBER counts;NUMBER percent;SIDE as;SIDE front;SIDE without;and ACT;breath ACT
bx -1.0 forward and;i'm ACT;in the;let the;out NUMBER;out when;top ACT;you're ACT
bx -2.4 ACT back;SIDE HAND
bx -2.1 ACT forward
bx 0.9 ACT hold;ACT she;FOOT SIDE;FOOT it;SIDE the;SIDE waist;back ACT;backwards ACT;behind and;out in;out now
bx 0.9 out the;through FOOT
bx 0.5 ACT inhale;ACT one;FOOT i'm;SIDE exhale;again now;bit now;comfortable now;floor ACT;forward ACT;so let
bx -0.8 ACT into;FOOT ACT;FOOT in;FOOT stays;FOOT which;HAND look;SIDE bow;SIDE hip;a ACT;both FOOT;from the;in a
bx -0.8 in let;into the;it FOOT;my SIDE;now we;off SIDE;out so;out weight;side so;stance so;straight ahead
bx -0.8 the weight;there for;up your;weight NUMBER;weight even;weight in;with your
bx -1.4 ACT it;ACT my;NUMBER NUMBER;now ACT;on the;with the
bx 0.6 ACT make;ACT now;FOOT finish;FOOT let's;FOOT what;FOOT you;NUMBER HAND;NUMBER back;again the;beside SIDE
bx 0.6 first NUMBER;first the;in ACT;it for;it with;out breathe;through SIDE;up HAND
bx 0.8 ACT no;ACT okay;FOOT a;FOOT exhale;FOOT that;FOOT we;NUMBER FOOT;SIDE a;SIDE out;east ACT;forward FOOT
bx 0.8 front ACT;in SIDE;it to;now with;over and;parry and;that for;way ACT
bx -0.7 ACT out;ACT through;ACT you're;FOOT again;FOOT forward;FOOT not;FOOT parallel;HAND are;SIDE diagonal
bx -0.7 about NUMBER;back into;back then;behind the;beside the;bow stance;don't ACT;flat and;forward as
bx -0.7 forward when;in half;in my;in this;inhale ACT;it hold;more weight;movement NUMBER;now i;now i'm
bx -0.7 number NUMBER;of the;off the;one ACT;one NUMBER;one we;other side;out your;over NUMBER;over your;past the
bx -0.7 she ACT;small ACT;so ACT;stance SIDE;still ACT;that the;touching the;up as;up breathe;up my;you ACT
bx -0.7 you breathe
bx -1.5 ACT the;FOOT are;can ACT;in front;to ACT
bx -1.1 ACT them;FOOT only;FOOT touching;FOOT up;HAND hold;SIDE then;back FOOT;body ACT;down as;down first
bx -1.1 forward weight;half ACT;in inhale;it all;over the;then ACT;together and;we're ACT
bx -1.8 ACT up;first then
bx 0.7 ACT we;FOOT NUMBER;FOOT both;FOOT i;FOOT onto;FOOT with;HAND with;NUMBER now;NUMBER weight;SIDE onto
bx 0.7 SIDE that's;degrees we;down ACT;down SIDE;down the;evenly ACT;forward the;in now;north ACT;now FOOT
bx 0.7 out FOOT;seconds ACT;side the;straight ACT;together FOOT;weight up;width ACT
bx -2.3 ACT your;FOOT first
bx 1.1 FOOT FOOT;FOOT you're;across ACT;behind ACT;front the
bx -0.4 FOOT down;SIDE let;back and;corner and;if you;is now;middle and;to finish;up and
bx 1.4 FOOT no;FOOT your
bx 1.9 FOOT the
bx -1.2 FOOT together;away from;forward now;i ACT;out breath;to the;weight SIDE;weight back;your weight
bx 1.5 HAND the;it the
bx -2.6 SIDE FOOT
bx -0.3 SIDE and;SIDE so;waist ACT
bx -0.2 SIDE no
bx 1.3 back the;degrees the;flat ACT
bx -1.9 behind you
bx -1.6 breathe in;front FOOT;out as;side now
bx 0.4 corner NUMBER
bx 1.2 instead ACT;up so
bx -1.7 through the
bx 1.6 weight the
bxy 0.3 ACT ACT SIDE;FOOT now let;SIDE SIDE ACT
bxy 0.8 ACT ACT and;ACT ACT up;ACT and the;ACT back ACT;ACT on a;FOOT ACT NUMBER;FOOT in the;FOOT now ACT
bxy 0.8 FOOT the weight;SIDE FOOT first;SIDE and breathe;and ACT with;back FOOT in;corner ACT the;forward ACT back
bxy 0.8 in HAND down;it ACT SIDE;up i ACT
bxy 0.6 ACT ACT down;ACT as the;FOOT ACT forward;FOOT a ACT;HAND ACT out;SIDE ACT HAND;SIDE ACT to;back FOOT first
bxy 0.6 by ACT on;degrees ACT the;in it ACT;we ACT back;weight the SIDE
bxy -0.6 ACT ACT forward;ACT all your;ACT and you;FOOT ACT to;FOOT so ACT;FOOT so it's;FOOT that ACT;HAND ACT down
bxy -0.6 SIDE SIDE SIDE;back ACT SIDE;back ACT into;beside the SIDE;down FOOT first;forward the SIDE;half ACT with
bxy -0.6 here ACT the;in ACT SIDE;now i'm ACT;on the SIDE;out ACT it;out NUMBER ACT;out and the;out when you
bxy -0.6 over and ACT;up SIDE HAND;up my SIDE;you ACT onto
bxy -0.7 ACT ACT on;ACT weight back;ACT your SIDE;FOOT and breathe;FOOT the FOOT;FOOT then ACT;FOOT weight SIDE
bxy -0.7 SIDE ACT a;SIDE and i;SIDE weight SIDE;again ACT SIDE;can ACT it;corner and ACT;in ACT it;into the SIDE
bxy -0.7 it ACT out;it hold it;my SIDE FOOT;onto the SIDE;out ACT up;over the SIDE;to the SIDE;up ACT SIDE
bxy -0.7 up breathe in;waist ACT to;weight ACT forward;weight ACT onto;you ACT on;you ACT the
bxy -2.1 ACT ACT with
bxy -0.4 ACT FOOT together;ACT as you;ACT i can;ACT the body;FOOT ACT over;FOOT all the;FOOT don't ACT
bxy -0.4 HAND ACT back;SIDE FOOT back;body ACT to;forward with your
bxy 1.2 ACT HAND up;ACT the ACT;SIDE a ACT;weight ACT the
bxy -1.1 ACT NUMBER percent;FOOT ACT out;SIDE ACT SIDE;SIDE HAND ACT;SIDE SIDE FOOT;SIDE the SIDE;out let them
bxy -1.1 weight ACT into
bxy -1.4 ACT SIDE ACT;FOOT ACT in;NUMBER ACT your;SIDE ACT out
bxy -0.5 ACT and exhale;ACT it down;FOOT back to;FOOT one NUMBER;HAND ACT across;HAND ACT breathe;HAND ACT over
bxy -0.5 HAND and the;NUMBER NUMBER one;SIDE ACT up;SIDE FOOT in;SIDE FOOT the;back ACT ACT;behind the SIDE
bxy -0.5 flat and ACT;out ACT forward;out the SIDE;snake ACT down;we ACT the;you breathe in
bxy 1.1 ACT and then;FOOT ACT the;HAND the SIDE;back so ACT;up HAND ACT
bxy 0.4 ACT down ACT;FOOT ACT FOOT;FOOT in ACT;NUMBER ACT out;SIDE ACT ACT
bxy 0.7 ACT half ACT;ACT out ACT;FOOT ACT SIDE;FOOT ACT forwards;FOOT down ACT;FOOT i ACT;FOOT onto the
bxy 0.7 FOOT the HAND;FOOT through the;FOOT your weight;SIDE ACT forward;SIDE FOOT on;SIDE onto the;back ACT back
bxy 0.7 it ACT the;side the SIDE;together ACT the;up and breathe;you ACT SIDE
bxy 0.5 ACT in NUMBER;ACT one ACT;FOOT ACT on;FOOT ACT them;FOOT the front;SIDE the HAND;back and the
bxy 0.5 forward and the;front ACT the;is ACT on;out let the;up the FOOT;you ACT up
bxy 1.3 ACT it ACT;ACT so you;out ACT back
bxy -1.0 ACT that FOOT;ACT the HAND;ACT the back;ACT the weight;ACT your weight;FOOT and ACT;FOOT the SIDE
bxy -1.0 SIDE FOOT ACT;down and ACT;through and ACT;waist ACT SIDE
bxy -0.8 ACT the FOOT;ACT weight forward;FOOT can ACT;FOOT then FOOT;FOOT to ACT;SIDE ACT in;SIDE bow stance
bxy -0.8 can ACT the;corner FOOT first;forward NUMBER percent;front ACT your;half ACT up;in ACT the;in and ACT
bxy -0.8 in weight SIDE;out ACT down;out as you;up ACT it;up half a;up your SIDE;weight ACT back;weight ACT to
bxy -0.8 with the SIDE;your SIDE FOOT
bxy -1.2 ACT the SIDE;back ACT the;the SIDE FOOT
bxy 1.9 FOOT ACT into;SIDE FOOT parallel
bxy 0.1 FOOT ACT off
bxy 1.0 FOOT ACT onto;FOOT NUMBER ACT;HAND ACT your
bxy 1.8 FOOT ACT your
bxy -0.9 FOOT and let;FOOT that's the;HAND ACT up;SIDE ACT the;SIDE weight on;floor if you;forward and ACT
bxy -0.9 inhale ACT the
bxy -1.3 SIDE ACT it
bxy 0.0 SIDE ACT weight
bxy -0.3 SIDE FOOT down;SIDE and SIDE;in the HAND
bxy 0.9 SIDE SIDE HAND;first weight ACT;forward on the;it and the;it with the;percent the SIDE
bxy 1.6 in weight to
w -1.9 #
w 0.6 a;like;sideways;stretch;to;towards;what;yes
w 0.8 about;door;hold;isn't;lock;with
w -0.7 again;do;flying;here;lot;o'clock;once;tall;there;until;yet
w 0.7 along;beside;counts;distance;hips;not;on;past;pushing;than;threw;tightrope;toward;under;watch;wild
w 1.1 an;check
w -0.9 apart;bow;i'm;last;sure;want;we
w -0.4 belly;repulse
w 1.3 between
w 1.2 by;for;over
w 1.4 count;where;without
w -0.8 degrees;get;okay;say;slightly;way;we'll;while;whip
w 0.5 did;fold;kissing;onto;or;single;split;tying;us;wait
w 0.4 don't;most;other;our;same;times;you'll
w -0.5 equal;hip;stop;there's;try
w 1.0 exhale;left;long;makes;of;shared
w -0.6 heal;keep;need;sorry;those;wrong
w -1.3 let
w -1.2 let's
w -1.0 lose;me;so
w -1.5 now;number
w 0.9 should
w 0.3 when
x 0.9 ACT;allow;brush;did;even;feel;golden;most;my;play;release
x -1.1 FOOT;across;ahead;along;becomes;bit;breaths;forward;front;inwards;past;slightly;stance;till;under;wall;way
x -1.1 will
x -1.9 a;beside;straight;together
x -2.3 about;corner
x 0.4 after;nose;which;your
x -1.2 again;around;between;evenly;has;here;over;touching;wide;yet
x -0.5 alongside;fully;little;threw;whip
x -1.5 apart;degrees;there;width
x 0.7 arrive;end;give;how;other;quarter;we;what's
x -1.6 at;in;like;round;with
x -1.4 away;flat;hip;parallel;should
x -0.8 back;completely;diagonal;doesn't;equally;gets;home;instep;line;more;one;or;than;toward;wider
x -0.9 backwards;east;feels;level;off;rests;seconds;shoulder-width;soft;towards;yourself
x 1.1 begin;careful;exhale;last;make;rest;when
x -2.5 behind
x 0.6 bend;easy;half;hang;having;i'll;tidy;waist
x -0.6 bent;brushes;diagonally;important;inward;letting;makes;means;north;o'clock;passes;pointing;thigh;us
x -0.6 walking
x 0.8 big;equal;ex;have;movement;needle;only;second;third
x 2.3 breathe
x -1.7 but;until
x -2.0 by;into;up
x 0.5 change;cloud;do;people;practise;split;starting
x 1.4 count;fold;keeping;let's;start
x -1.0 counts;forwards;it;me;outward;percent;tall;where
x 1.2 deflect;it's;wait;weight;you'll
x 1.6 don't;get;keep;pause;she;that's;watch
x -3.1 down
x 2.1 finish
x -0.7 for;forty-five;its;not;one's;outwards;solid;was
x 1.0 grab;his;never;once;repulse;think;today's;we're;you've
x 1.5 he;i;i'm;look
x -1.3 height;side;stays;them;thing;too
x 2.2 hold;ok;we'll
x 1.9 if;let;swap;what
x 1.3 imagine;repeat;shake;single;stretch
x 2.4 inhale
x -2.4 is
x 1.8 next;then
x 1.7 notice;number;remember;soften;stay;there's
x 2.5 now
x -3.3 of
x 3.2 okay
x -2.1 on;through;to
x -2.2 onto
x -3.0 out
x 0.2 those
xy -0.8 ACT ACT;ACT like;ACT so;FOOT and;NUMBER on;SIDE NUMBER;a little;along the;beside the;if that's;it's not
xy -0.8 like you're;on it;shoulder-width width;so it's;to NUMBER;with it
xy 0.8 ACT HAND;ACT yourself;FOOT not;HAND look;SIDE is;a ACT;all right;and down;and i'm;and on;and that
xy 0.8 breath in;ex exhale;exhale as;i'm ACT;inhale and;last one;repeat on;so first;stay there;the next
xy 1.2 ACT NUMBER;FOOT of;back FOOT;so now;so we;which FOOT
xy 0.7 ACT SIDE;ACT evenly;ACT me;FOOT over;HAND over;HAND to;and then;back again;brush and;for those;most of
xy 0.7 now ACT;now we;play the;quarter ACT;shake it;shake your;then all;then we;to finish;weight is;weight now
xy 0.7 without ACT;you'll feel
xy 1.9 ACT a;movement NUMBER;number NUMBER
xy 0.5 ACT about;ACT forwards;ACT slightly;ACT wide;FOOT bend;SIDE out;and keep;can see;down ACT;forward onto
xy 0.5 have your;inhale ACT;keep breathe;let's have;never ACT;right back;so i've;start with;up ACT;we ACT
xy 0.5 weight into
xy 1.4 ACT all;FOOT together;and again;is your;so from;so that's
xy -0.7 ACT as;ACT last;SIDE corner;about NUMBER;and hold;and look;back down;i can;stay down;the floor;then out
xy -0.7 toward the
xy 1.0 ACT body;ACT the;FOOT are;NUMBER i;SIDE FOOT;a lot;breath out;don't rush;he ACT;make sure;next we
xy 1.0 pause for;that is;that was;up on;when the
xy 0.9 ACT both;ACT my;ACT to;HAND are;allow the;bend the;brush past;doing the;get your;having ACT;in breath
xy 0.9 keep your;leave the;now the;on the;part NUMBER;release the;same on;some of;some people;those with;we start
xy 0.9 weight and;with an
xy -0.6 ACT exhale;ACT if;ACT inhale;ACT keep;ACT now;ACT of;ACT stance;ACT straight;FOOT now;a bit;and do
xy -0.6 behind you;by the;flat ACT;like a;my body;no weight;only as;past the;that's your;the other;the same
xy -0.6 to your;until the;we are;while the;with my
xy -1.0 ACT first;SIDE weight;and NUMBER;before the;instead ACT;now and
xy 0.6 ACT for;ACT into;ACT it;ACT onto;ACT tall;ACT until;ACT you're;FOOT flat;HAND up;a low;as you;do not
xy 0.6 forward again;forward weight;have a;hold for;now we're;okay and;one ACT;side ACT;soften the;then a;then it
xy 0.6 tidy up;waist SIDE;wait there;we'll ACT;weight ACT
xy -0.9 ACT hold;ACT then;ACT together;HAND by;are ACT;as we;first ACT;first then;half a;is ACT;towards the
xy -0.9 which is;your FOOT
xy 0.2 ACT on;my weight
xy -1.1 ACT you;SIDE SIDE;breathe out;for a;of the
xy 2.0 ACT your;SIDE so
xy 1.5 FOOT parallel;and forward;and that's;front FOOT;to get
xy 1.3 FOOT shoulder-width;again weight;bend your;first thing;is that
xy 0.3 HAND ACT
xy 1.1 NUMBER ACT;SIDE let's;and i;be careful;can you;let me;let's ACT;or ACT;think of;you end;you want
xy -1.2 NUMBER degrees;as your;can ACT;in front;off the;that ACT
xy 1.8 NUMBER more;exhale and;in inhale
xy -0.5 NUMBER one;and it;and let's;and shake;and slightly;and up;does the;first the;into a;into the;on both
xy -0.5 so you
xy -0.4 all of;and feel;and i'll;onto the
xy -0.2 and exhale;and out;and the;and your
xy 1.7 and now;and to
xy 1.6 and when;this is
xy -1.4 for NUMBER;now so
xy 0.4 get up;hold it;now let;now that
xy -2.7 next to
xy -0.3 so let's;where your
xy -2.2 so that
xy -1.9 then FOOT
xy -1.3 then forward
xy 2.3 to do
xy -2.3 to the
xyz 0.5 ACT ACT and;ACT a big;ACT ahead and;ACT as you;ACT back weight;ACT it on;ACT onto the;HAND to your
xyz 0.5 NUMBER percent on;SIDE side ACT;and ACT NUMBER;and ACT out;breath ACT in;by ACT the;forward onto the
xyz 0.5 he ACT the;i ACT my;if you can't;inhale as you;is that the;it then ACT;my weight ACT;now we're ACT
xyz 0.5 so i've got;the SIDE is;we ACT onto
xyz 1.5 ACT ACT forward;ACT back into;ACT back on;ACT back onto;ACT up with;ACT up your
xyz -0.6 ACT ACT on;ACT a ACT;ACT now the;ACT over the;ACT through SIDE;ACT up ACT;SIDE FOOT NUMBER;SIDE FOOT can
xyz -0.6 SIDE FOOT through;SIDE FOOT weight;and ACT on;and the front;breathe in breathe;breathe out #
xyz -0.6 exhale ACT the;leave the FOOT;let your HAND;now the weight;on your SIDE;so ACT SIDE;the FOOT now
xyz -0.6 while the SIDE
xyz -0.4 ACT ACT out;ACT back FOOT;ACT forward breathe;FOOT out ACT;HAND down ACT;all of it;breathe in and
xyz -0.4 on both FOOT;to your SIDE;with your SIDE;you can ACT
xyz -1.0 ACT ACT the;ACT it now;ACT out weight;ACT your FOOT;as the waist;breathe out SIDE;in the SIDE;to the SIDE
xyz 1.7 ACT ACT with;up ACT the
xyz -0.5 ACT ACT your;ACT SIDE the;ACT across to;ACT forward the;ACT on a;FOOT is ACT;and the FOOT;and then out
xyz -0.5 back FOOT first;both FOOT to;for the FOOT;from the floor;i can ACT;if your ACT;it ACT to;let the FOOT
xyz -0.5 off the floor;onto the FOOT;so that your;the weight in;weight back onto
xyz -0.8 ACT NUMBER ACT;ACT down first;ACT on its;ACT the other;NUMBER on the;NUMBER percent the;SIDE ACT the
xyz -0.8 and you ACT;i ACT the;over the SIDE;so i can;the FOOT and;the weight to;then ACT SIDE;then ACT out
xyz -0.8 to ACT the;you ACT forward
xyz 0.6 ACT NUMBER degrees;ACT NUMBER is;ACT SIDE and;ACT a bit;ACT it all;ACT now ACT;ACT through the
xyz 0.6 FOOT ACT back;FOOT don't ACT;FOOT in line;FOOT up FOOT;NUMBER counts to;again ACT SIDE;an ACT stance
xyz 0.6 and ACT forward;as you inhale;back FOOT out;back onto the;back to ACT;bow stance NUMBER;first ACT your
xyz 0.6 first SIDE FOOT;forward again onto;it's the SIDE;let's ACT it;make the SIDE;soften the FOOT;the FOOT don't
xyz 0.6 the weight has;to do the;we ACT forward;weight in your;weight stays on;you're ACT the
xyz 0.7 ACT SIDE ACT;ACT is the;ACT out SIDE;ACT round to;ACT that FOOT;ACT with the;FOOT ACT then
xyz 0.7 FOOT down weight;FOOT in ACT;FOOT together weight;HAND up breathe;NUMBER thirds of;SIDE ACT in
xyz 0.7 SIDE FOOT back;SIDE the SIDE;a ACT with;about NUMBER thirds;and ACT back;and again SIDE;back ACT SIDE
xyz 0.7 back ACT forward;both FOOT the;brush and ACT;let's do that;my SIDE FOOT;now ACT forward;now let the
xyz 0.7 on the last;out to the;over NUMBER counts;shake your FOOT;side ACT SIDE;so ACT on;the weight ACT
xyz 0.7 there's a ACT;ward off SIDE;we do NUMBER;weight SIDE SIDE;you ACT you;you can't ACT
xyz 0.8 ACT SIDE on;ACT and ACT;ACT around to;ACT back over;ACT it down;ACT it with;ACT your ACT
xyz 0.8 FOOT NUMBER NUMBER;NUMBER NUMBER on;SIDE HAND up;and on the;as the weight;as you do;as you exhale
xyz 0.8 bend the SIDE;both FOOT ACT;down ACT and;i want you;in ACT the;inhale and ACT;it ACT through
xyz 0.8 let the breath;repeat on the;start with your;the FOOT are;the FOOT do;the back FOOT;we ACT out
xyz 0.8 weight NUMBER NUMBER;you're ACT to
xyz 0.9 ACT SIDE then;ACT a breath;ACT down on;ACT forward onto;ACT one NUMBER;ACT out your;FOOT ACT SIDE
xyz 0.9 FOOT down FOOT;FOOT is down;FOOT out SIDE;FOOT parallel weight;NUMBER NUMBER in;SIDE FOOT half;and then i
xyz 0.9 and then we're;back SIDE SIDE;breathe in when;brush past the;half ACT up;my back FOOT;same on the
xyz 0.9 so let it;the first ACT;the first thing
xyz -0.7 ACT SIDE weight;ACT back first;ACT back so;ACT forward FOOT;ACT from the;ACT in front;ACT it in
xyz -0.7 ACT last one;ACT out FOOT;ACT out again;ACT through and;ACT up half;FOOT ACT the;NUMBER NUMBER NUMBER
xyz -0.7 NUMBER percent and;SIDE FOOT and;SIDE FOOT touching;and ACT with;and out in;and your FOOT;beside the SIDE
xyz -0.7 both FOOT on;on the ACT;so weight on;we ACT it;weight ACT forward;weight SIDE weight;weight forward SIDE
xyz -0.7 when you ACT
xyz -1.3 ACT a little;all the way;breathe out now;so the FOOT
xyz 1.0 ACT back ACT;ACT down into;ACT in with;ACT out to;ACT the waist;ACT to your;FOOT ACT down;NUMBER i ACT
xyz 1.0 SIDE FOOT ACT;and ACT and;and ACT my;down ACT the;half ACT with;so we're in;the ACT FOOT;then ACT down
xyz 1.0 then the SIDE;up on the;weight back to
xyz 1.1 ACT back SIDE;ACT on both;ACT out with;FOOT are parallel;FOOT back down;FOOT together FOOT;a lot of
xyz 1.1 and ACT again;and let it;both FOOT bend;don't let the;from the top;on the in;other side ACT;the rear FOOT
xyz 1.1 the waist ACT;the weight is;you end up;your SIDE FOOT
xyz -0.2 ACT back and;and breathe in
xyz 1.3 ACT back with;ACT them down;ACT up onto;ACT with your;FOOT shoulder-width width;NUMBER ACT your
xyz 1.3 all the weight;back FOOT ACT;bend your FOOT;both HAND ACT;out ACT the;the SIDE FOOT
xyz 1.2 ACT down with;ACT forward into;ACT through with;ACT up on;ACT up tall;ACT up the;FOOT ACT and;FOOT of the
xyz 1.2 HAND ACT up;SIDE FOOT straight;breathe in for;for the next;the front FOOT;to ACT out
xyz 1.6 ACT forward with;breathe in as;to ACT forward;your weight should
xyz 1.4 ACT in the;FOOT out with;and to finish;at the end;the FOOT of
xyz 2.0 ACT on your;the ACT is;the SIDE HAND
xyz -0.9 ACT onto it;ACT the ACT;NUMBER NUMBER and;SIDE FOOT first;and ACT into;and ACT up;as you ACT;weight on it
xyz -1.2 ACT out ACT;as the SIDE;from the waist;next to the;the FOOT down;with the FOOT
xyz -1.8 ACT the floor;NUMBER NUMBER degrees
xyz 0.3 ACT to ACT;ACT to NUMBER;ACT weight forward
xyz -1.1 ACT up and;on the floor;we ACT back
xyz -0.3 FOOT down ACT
xyz 1.8 NUMBER NUMBER weight
xyz 0.4 SIDE ACT on;back again and;now we ACT;on the other;the FOOT that's;with the weight;your weight is
xyz -0.0 and breathe out
xyz -1.7 breathe out ACT;with the SIDE
xyz -2.1 if you can;then the FOOT
xyz -1.9 if you need
xyz -2.0 on the FOOT
xyz -2.3 on the SIDE
xyz 0.1 then SIDE FOOT
y -1.9 #
y -0.6 SIDE;because;behind;but;hang;hold;instead;let;outward;punch;pushing;rest;same;to;whole;wings
y 0.8 again;happens;lets;one
y 0.5 all;is;leaning
y -0.7 along;bit;her;hip;middle;nose;so;sorry;straight;today;touching
y 0.7 an;doesn't;forget;halfway;most;relaxed;river;start;that;threw;you're
y -1.3 and;degrees;way
y 0.6 any;ends;everything;over;pause;position;split;we;work;write
y -1.1 apart;far;floor;its;past
y 1.2 are;last
y 1.4 begin;thing
y -0.9 beside;bow;don't;first;front;light;only;their;them
y 1.0 breath;careful;lot;style;sure
y -0.5 check;feel;gentle;letting;make;stay;walking
y -0.8 equal;even;in;next;rests;stretch
y 0.9 finish;means;tall;teacher;there;yourself
y -0.4 higher
y -1.0 hips;if
y -1.2 little;width
y 1.1 may
y 1.3 mistake;should;this;we've
"""
