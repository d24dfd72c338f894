"""How much each sign speaks for a pause: its name, its weight, the words it is of. Made by `make pauses`; not to be edited
by hand."""

TABLE = """\
a -1.8 #
a 0.9 NUMBER;a;meet;past;slow
a -1.2 again;let;when
a -0.6 ahead;body;but;corner;floor;forward;monkey;number;off;okay;should;small
a 0.7 alongside;fall;repulse;strike;walking;ward
a -0.5 apart;at;have;me;swap
a -1.7 as
a 1.0 behind;beside;chest;second;wall;without
a -0.7 bent;degrees;from;hold;movement;punch;welcome
a -0.8 don't;end;first;we;where
a 0.8 for;he;of;over;pointing;same;the
a 0.6 gets;has;i'll;little;low;onto;percent;section;them;with;you'll
a 0.5 heal
a -0.9 if;let's;there;until;what's
a -1.0 inhale;we're
a 1.1 its;not;slightly
a 1.5 need
a 0.4 no
a -1.3 now
a -1.4 so
a 1.2 wants
ab -0.9 ACT NUMBER;the same
ab 0.9 ACT across;FOOT completely;NUMBER o'clock;SIDE NUMBER;SIDE hip;and down;becomes ACT;breathe in;meet it
ab 0.9 no weight;not ACT;out NUMBER;out SIDE;that way;the door;the heal;to it
ab 0.7 ACT away;ACT inward;ACT north;FOOT behind;FOOT straight;SIDE SIDE;and exhale;and out;back down;begin with
ab 0.7 down again;forward SIDE;front corner;in NUMBER;it breathe;little bit;one ACT;so SIDE;to you;ward off
ab 0.7 with FOOT
ab 0.6 ACT back;ACT closer;FOOT now;FOOT stays;SIDE corner;about NUMBER;and NUMBER;and SIDE;and breathe;and rest
ab 0.6 down flat;even up;front NUMBER;heal ACT;horse stance;okay ACT;on it;that FOOT;the chair;the windows
ab 0.6 to SIDE
ab -0.6 ACT backwards;ACT one;ACT with;ACT your;FOOT parallel;NUMBER now;a low;a nice;end up;movement NUMBER
ab -0.6 number NUMBER;out FOOT;out now;small ACT;the breath;the top;the weight;weight in;your chair
ab -0.5 ACT first;ACT into;ACT the;ACT too;HAND SIDE;a small;brush FOOT;the next;your FOOT
ab 0.8 ACT in;SIDE in;and punch;bit so;breath out;forward again;in half;on SIDE;straight ACT;the floor;the fridge
ab 0.8 then FOOT;to ACT;weight over
ab -0.8 ACT over;a FOOT;and it;then it
ab 1.3 ACT through;FOOT first;behind you;it in;on top;you ACT
ab -0.7 ACT to;FOOT and;NUMBER ACT;last one;the HAND;the last;weight SIDE;you exhale
ab 0.4 ACT you;NUMBER percent;NUMBER thirds;SIDE front;back in;back wall;right back
ab 1.1 FOOT in;FOOT touching;NUMBER one;each FOOT;same weight;start with;white crane
ab -1.2 FOOT is;and you;as you;back ACT;then you
ab 1.0 HAND width;SIDE diagonal;and ACT;are parallel;cloud HAND;in front;its FOOT;of NUMBER;of you;onto it
ab 1.0 with you;your HAND
ab 1.6 NUMBER NUMBER
ab 1.5 NUMBER breaths;out breath
ab 0.3 NUMBER degrees;SIDE side;a breath;you should
ab 0.1 SIDE HAND
ab -1.0 an ACT;you're ACT
ab -1.1 and again
ab 0.2 back FOOT;the waist
ab 1.2 do that;into it;is comfortable;wants to
ab 1.8 down first
ab -0.4 front FOOT;half ACT;it NUMBER;it out;not too;out in
ab 2.1 it is
ab 1.4 other FOOT
ab -1.7 the first
ab 0.5 you are;you can
abx 0.8 ACT SIDE NUMBER;ACT through FOOT;NUMBER percent the;your SIDE ACT
abx -1.3 ACT SIDE and;ACT back SIDE;ACT up the;the SIDE HAND
abx -0.6 ACT SIDE weight;ACT up your;FOOT out and;FOOT up half;HAND ACT and;HAND width apart;SIDE FOOT SIDE
abx -0.6 SIDE FOOT all;and ACT all;and ACT my;and it ACT;i ACT my;the SIDE front;the side and
abx -0.8 ACT ahead and;ACT forward and;FOOT again and;NUMBER NUMBER degrees;and you ACT;back FOOT ACT;the back FOOT
abx -0.5 ACT back ACT;ACT in the;FOOT ACT in;FOOT ACT your;FOOT FOOT ACT;FOOT first then;FOOT first weight
abx -0.5 FOOT together HAND;FOOT up and;a small ACT;and ACT with;off SIDE ACT;the SIDE side;the floor and
abx -0.5 weight SIDE ACT
abx 0.5 ACT back FOOT;ACT out weight;FOOT first ACT;behind you ACT;you ACT ACT
abx -1.2 ACT forward ACT;FOOT together and;the HAND ACT;the SIDE breathe
abx 1.1 ACT it ACT;other FOOT ACT
abx -0.9 ACT it and;ACT up breathe;FOOT ACT then;FOOT down weight;SIDE FOOT back;SIDE SIDE SIDE;breathe out and
abx -0.9 breathe out when;let it ACT;the SIDE FOOT
abx -0.7 ACT it back;ACT out SIDE;FOOT in ACT;FOOT out weight;SIDE FOOT ACT;SIDE FOOT out;SIDE corner and
abx -0.7 and ACT it;the SIDE corner;the breath ACT;your SIDE FOOT
abx 0.9 ACT out and;FOOT ACT the;FOOT down FOOT;HAND ACT to;SIDE FOOT FOOT;breathe in and;the ACT and
abx 1.3 ACT up ACT;the SIDE your;to ACT so
abx 1.2 FOOT ACT FOOT
abx -0.4 FOOT ACT and;FOOT in and;HAND ACT breathe;a ACT ACT;that FOOT ACT;the ACT FOOT
abx -1.0 FOOT NUMBER ACT;and ACT the;back FOOT the;breathe in when;onto it and;percent SIDE SIDE;the SIDE let
abx -1.0 the weight ACT;waist SIDE then;width apart and;you can ACT
abx -1.1 FOOT first and;SIDE FOOT in;into it and;the front FOOT
abx 1.8 FOOT in the
abx -0.2 FOOT up ACT
abx 1.0 FOOT up FOOT;HAND ACT SIDE;SIDE FOOT so;the side ACT
abx 0.7 NUMBER degrees the;NUMBER seconds ACT;SIDE FOOT then;SIDE FOOT we;the FOOT the;to ACT and
abx -0.3 SIDE FOOT front;breath in and;on it SIDE
abx 0.4 SIDE FOOT one;back SIDE SIDE
abx 0.6 SIDE FOOT weight;in front ACT;in it ACT;on it ACT;the FOOT now;the weight on;then FOOT ACT
abx 1.5 breathe out SIDE;the back ACT
abx -1.5 the SIDE and
any -2.6 *
b 1.0 FOOT;again;alongside;north;seconds;tall;wide;wings
b 0.8 HAND;ears;fridge;length
b -0.7 NUMBER;called;finish;got;it's;little;number;our;see;small;that
b 1.2 SIDE;breath;floor;front;high;inwards;it;punch;soft
b -2.6 a
b -1.1 about;at;but;hold;not;ok;past;people;they;water;where
b 0.6 across;backwards;behind;breathe;closer;far;instead;lute;solid;us;windows
b -0.5 after;begin;have
b 1.5 ahead;breaths;comfortable
b -1.3 all;don't;i'm;keep;that's;when
b 1.1 altogether;degrees;ear;hang;height;instep;mane;middle;out;section;space;stop;tail
b -4.3 and
b 1.9 apart;equally;sides
b 0.9 arrives;door;evenly;flat;home;level;parallel;pushing;stance
b -2.4 as
b 1.7 away;itself;room
b -0.9 be;brush;feel;feels;he;its;last;or;single;this
b -0.8 because;from;make;next;one;what;will
b 0.7 bent;completely;else;first;forwards;hip;light;me;sideways;them;top;up;was;week;wider
b -1.2 big;only;she;until
b -1.4 by;inhale;we're;with
b 2.1 corner
b 1.6 diagonal;side;started;straight;together
b 0.5 diagonally;feeling;morning;time
b -1.6 do;you're
b 1.3 down;east;forward;here;o'clock;outwards;yet
b 1.4 even;line;there;touching;wall;width
b -1.7 for;into;okay;onto
b -0.6 full;like;means;nice;posture
b -2.1 i;on;we
b -1.5 if;is;let's;no
b -1.9 let
b 0.3 moment
b -2.0 my
b -1.0 now;we'll;while;without;yes
b -2.2 of
b 0.4 percent;thirds
b -3.0 so
b -4.2 the
b -2.9 then;your
b -2.3 to
bx 1.4 ACT ACT;degrees the;flat ACT;up so
bx -0.9 ACT SIDE;HAND exhale;NUMBER percent;SIDE side;both FOOT;down first;i'm ACT;inhale ACT;it all;it then
bx -0.9 out NUMBER;out when;you're ACT
bx -0.4 ACT across;ACT over;FOOT out;again ACT;it ACT;side and;stance so
bx -0.5 ACT all;ACT down;ACT through;FOOT same;FOOT stays;NUMBER counts;back then;bow stance;finish ACT;flat and
bx -0.5 floor and;in i;it over;out so;so now;together HAND;up my
bx -2.2 ACT back
bx 1.0 ACT don't;FOOT my;HAND the;front the;out now;side the;weight and
bx 0.7 ACT first;FOOT keep;FOOT let's;behind and;in ACT;in now;in on;it for;out in;seconds ACT
bx -1.2 ACT forward;and ACT;corner and;forward again;front FOOT;i ACT;in front
bx -0.6 ACT into;FOOT at;FOOT parallel;FOOT rest;SIDE let's;a ACT;about NUMBER;ahead and;breath ACT;by ACT
bx -0.6 degrees and;forward as;in NUMBER;movement NUMBER;one ACT;out to;she ACT;side so;so ACT;stance SIDE
bx -0.6 they ACT;thing ACT;up your;weight SIDE;with your
bx -1.4 ACT it;FOOT then;HAND ACT;NUMBER NUMBER;out as;to ACT
bx 1.2 ACT last;FOOT let
bx -1.1 ACT my;ACT up;FOOT is;NUMBER degrees;SIDE then;beside the;in when;on the;the SIDE;to the;we're ACT
bx -1.1 weight back
bx 1.1 ACT now;behind ACT
bx -0.8 ACT out;ACT that;ACT them;FOOT ACT;FOOT again;FOOT are;FOOT down;FOOT half;FOOT now;FOOT touching
bx -0.8 SIDE front;back FOOT;forward weight;he ACT;it FOOT;it back;let the;now the;now we;off the;onto the
bx -0.8 out breath;up the;width apart;you breathe;your SIDE
bx -2.1 ACT the;SIDE HAND
bx 1.3 ACT then;FOOT you;FOOT your;it to;way ACT
bx -1.7 ACT your;weight ACT
bx 0.8 FOOT FOOT;FOOT NUMBER;FOOT exhale;FOOT i'm;across ACT;back the;forward FOOT;now FOOT;over and;percent the
bx 0.8 through FOOT;up FOOT;up hold
bx 0.6 FOOT SIDE;FOOT i;NUMBER now;bit now;corner NUMBER;first the;height ACT;middle HAND;out ACT;up HAND
bx -0.7 FOOT back;FOOT on;FOOT up;HAND width;SIDE corner;SIDE hip;SIDE no;behind the;breathe in;breathe out
bx -0.7 corner ACT;down again;from the;in half;in the;in your;into the;let's ACT;my SIDE;now we're;number NUMBER
bx -0.7 of the;small ACT;straight ahead;that the;the weight;up breathe;waist ACT
bx 0.4 FOOT don't;FOOT one;SIDE exhale;beside SIDE
bx -2.0 FOOT first;can ACT
bx 1.7 FOOT that;FOOT the
bx -1.0 FOOT together;FOOT while;SIDE as;away from;behind you;body ACT;don't ACT;forward now;over the;then ACT
bx -1.0 through the;we ACT;your weight
bx 0.9 FOOT we;HAND with;NUMBER weight;SIDE the;down ACT;first NUMBER;forward ACT;front ACT
bx 0.5 HAND SIDE;SIDE hold;stance and
bx -2.6 SIDE FOOT
bx -1.5 first then;half ACT;together and
bx -1.6 forward and
bx 1.6 it the;weight the
bx -1.3 now ACT;with the
bxy 0.7 ACT ACT SIDE;ACT ACT to;ACT in a;ACT the ACT;FOOT ACT FOOT;FOOT and as;FOOT my SIDE;FOOT now ACT
bxy 0.7 FOOT the weight;SIDE ACT with;SIDE and back;in it ACT;it the SIDE;it with the;percent the SIDE
bxy 0.7 side the SIDE
bxy 0.4 ACT ACT it;back and the;up ACT them
bxy -0.8 ACT ACT on;ACT the weight;FOOT FOOT first;FOOT and ACT;FOOT and let;SIDE FOOT ACT;corner FOOT first
bxy -0.8 out as you;out when you;up breathe in;weight ACT back;weight ACT into;you ACT on
bxy 0.5 ACT ACT the;it and the
bxy -1.9 ACT ACT with
bxy -1.0 ACT NUMBER percent;SIDE HAND ACT;in and ACT;the SIDE FOOT;through and ACT
bxy 0.8 ACT SIDE FOOT;ACT weight SIDE;FOOT SIDE FOOT;FOOT i ACT;NUMBER ACT SIDE;SIDE FOOT HAND;SIDE FOOT on
bxy 0.8 back ACT your
bxy -0.4 ACT all your;HAND ACT back;SIDE ACT back;SIDE ACT up;SIDE the SIDE;SIDE then ACT
bxy 0.6 ACT and the;FOOT ACT ACT;SIDE ACT forward;SIDE ACT onto;SIDE and let;SIDE and then;corner ACT the
bxy 0.6 we ACT back
bxy 1.3 ACT as the;in weight to
bxy 1.0 ACT back ACT;FOOT ACT NUMBER;FOOT ACT SIDE
bxy 0.9 ACT on the;ACT with the;FOOT ACT onto;FOOT in the;FOOT the HAND;NUMBER ACT back;SIDE ACT to
bxy 0.9 SIDE FOOT first;back FOOT in;in HAND down
bxy 1.2 ACT so you;FOOT NUMBER ACT;out ACT back
bxy -0.6 ACT the SIDE;SIDE ACT your;SIDE FOOT out;half ACT up;it ACT out;my SIDE FOOT;to the SIDE;up ACT it
bxy -0.6 up half a;you breathe in
bxy -0.5 ACT the back;ACT your SIDE;FOOT ACT out;FOOT back ACT;FOOT to ACT;HAND ACT SIDE;SIDE SIDE FOOT
bxy -0.5 SIDE the weight;behind the SIDE;degrees and ACT;flat and ACT;forward and ACT;on the SIDE;over and ACT
bxy -0.5 up your SIDE;we ACT the;weight ACT onto
bxy 1.4 FOOT ACT into
bxy -0.7 FOOT ACT off;FOOT so it's;FOOT then ACT;SIDE ACT into;SIDE ACT the;SIDE and i;forward NUMBER percent
bxy -0.7 half ACT with;into the SIDE;onto the SIDE;with the SIDE;your SIDE FOOT
bxy 1.1 FOOT ACT the;HAND ACT out;first weight ACT
bxy 2.0 FOOT ACT your
bxy 0.3 FOOT FOOT up;SIDE ACT weight
bxy 0.2 FOOT NUMBER percent
bxy -0.9 HAND ACT up;back ACT the;first then the;in weight SIDE
bxy -1.2 NUMBER ACT your
bxy -1.5 SIDE ACT SIDE
bxy -1.3 SIDE ACT it
bxy -0.3 SIDE FOOT back;in the HAND
bxy 2.1 SIDE FOOT parallel
bxy -0.2 back ACT SIDE
bxy -1.1 down and ACT;you ACT the
x 1.1 ACT;big;he;movement;no;notice;stay;weight;what's
x -0.9 FOOT;apart;diagonal;height;percent;rests;should;stays;touching;wall;where;wide
x -0.8 SIDE;across;ahead;along;becomes;between;completely;inwards;off;past;seconds;thing;today;under;way;without
x -0.8 yet
x -2.0 a;with
x -1.8 about;up
x 0.6 and;posture;practise;start;this;try;you've
x -1.3 are;there;together
x -0.5 around;backwards;bent;check;counts;letting;our;outwards;soft;solid
x -1.0 at;away;bit;flat;over;parallel;round;side;them
x -0.7 before;breaths;evenly;forwards;here;home;level;stance;tall;till;too;which
x 0.5 begin;both;half;people;white
x -1.9 behind;into;is;on
x -1.5 beside
x 1.4 breathe;careful;i'm;keep;repulse;single;soften
x 1.3 brush;count;last;repeat
x -1.2 but;degrees;width
x -1.7 by;forward;through;to
x 1.0 cloud;look;my;release;we
x -1.6 corner;until
x -0.6 doing;equally;forty-five;front;has;me;slightly;towards
x 1.5 don't;shake
x -2.6 down
x 0.8 even;have;once;part;rest;wait
x 1.2 exhale;play;there's;we're;what
x 2.0 finish
x -1.1 for;hip;it;like
x 1.9 hold;next;number;that's;we'll
x 1.7 i;if;swap
x -2.2 in;onto
x 2.1 inhale
x 1.8 let;she
x 1.6 let's;pause;when
x 0.7 make;you'll
x 2.8 now
x -2.8 of
x 3.7 okay
x -2.5 out
x -1.4 straight
x 2.3 then
x 0.4 those
xy -0.7 ACT ACT;ACT as;ACT from;ACT so;ACT then;as we;as your;beside the;that ACT;the floor
xy 1.5 ACT NUMBER;and forward;breathe in
xy 0.6 ACT SIDE;FOOT bend;back you;inhale ACT;let's do;now ACT;play the;side ACT;the last;the next;then it;we do
xy 0.6 we're ACT;you're on;your SIDE
xy 1.6 ACT a;NUMBER more;and now;so now
xy 1.3 ACT all;a lot;so that's
xy 0.7 ACT both;ACT into;ACT it;FOOT flat;FOOT together;SIDE brush;and as;and that;and that's;and then;brush and
xy 0.7 feel that;it then;now we're;out to;part NUMBER;she ACT;that's the;weight ACT;you've got
xy -0.5 ACT exhale;ACT last;and don't;and rest;back down;behind you;like you're;that's your;the breath;to begin
xy -0.8 ACT first;ACT you;SIDE ACT;about NUMBER;and exhale;as i;first then;into the;off the;onto the
xy 0.4 ACT i;HAND ACT;as the;weight to
xy -0.6 ACT keep;ACT out;FOOT and;HAND width;NUMBER NUMBER;and look;and up;for a;in front;make the;so it's
xy -0.6 so let's;to your;towards the
xy 0.8 ACT my;ACT on;ACT to;HAND to;SIDE so;and i;back FOOT;finish by;is that;last one;now we;on the;stay there
xy 0.8 the second;to do;we ACT;when the
xy 0.5 ACT one;ACT that;ACT too;FOOT over;HAND are;SIDE side;back to;have a;inhale and;let's have;look over
xy 0.5 my weight;now i'm;one ACT;soften the;start with
xy 0.9 ACT onto;FOOT are;FOOT not;NUMBER inhale;SIDE HAND;SIDE let's;bend your;brush past;forward again;he ACT
xy 0.9 same on;that is;we'll ACT
xy 1.0 ACT the;FOOT of;and when;as you;do not;in a;keep your;next we;okay and;pause for;release the;repeat on
xy 1.0 up on
xy 1.7 ACT your;SIDE FOOT;front FOOT
xy 1.1 FOOT HAND;HAND up;and i'm;i'm ACT;if your;let me;let's ACT;make sure;most of;okay so;so we;this is
xy 1.4 FOOT parallel;NUMBER ACT
xy -0.9 FOOT then;and NUMBER;for NUMBER;of the;you ACT;your FOOT
xy -1.0 NUMBER degrees;and hold;weight NUMBER
xy -0.3 all of;so ACT
xy 1.2 and again;and back;bend the;now the
xy 1.9 and to;number NUMBER
xy -0.4 and your
xy -1.4 can ACT
xy 1.8 exhale and
xy 2.2 movement NUMBER
xy -2.0 next to
xy -1.2 now and;then forward
xy -1.1 now so
xy -1.9 so that;then FOOT;to the
xy 0.3 the weight
xyz -0.7 ACT ACT ACT;ACT down first;ACT from the;ACT it in;ACT out weight;ACT weight SIDE;HAND ACT down
xyz -0.7 and ACT into;and breathe in;breathe in and;breathe out SIDE;into the SIDE;weight SIDE weight
xyz -0.6 ACT ACT SIDE;ACT SIDE weight;ACT on its;FOOT down first;NUMBER ACT SIDE;NUMBER percent and
xyz -0.6 NUMBER percent the;SIDE FOOT first;SIDE FOOT touching;SIDE SIDE FOOT;and the front;and then ACT
xyz -0.6 and you ACT;i ACT the;let your HAND;on the floor;onto the SIDE;weight ACT forward
xyz 1.5 ACT ACT forward;ACT in the;all the weight
xyz -0.5 ACT ACT on;ACT back and;ACT back so;ACT them out;FOOT ACT the;FOOT is ACT;NUMBER NUMBER NUMBER
xyz -0.5 SIDE FOOT on;and ACT #;and ACT down;and your FOOT;back ACT the;beside the SIDE;breathe out #;in the SIDE
xyz -0.5 so weight on;to ACT the;weight on both
xyz -1.1 ACT ACT the;NUMBER NUMBER degrees;breathe out now
xyz 1.6 ACT ACT with;ACT out with;the SIDE HAND
xyz 0.6 ACT NUMBER is;ACT SIDE and;ACT a big;ACT all your;ACT down into;ACT forward SIDE;ACT that FOOT
xyz 0.6 ACT the body;FOOT up FOOT;SIDE FOOT becomes;SIDE side ACT;and ACT forward;bend the FOOT;forward again onto
xyz 0.6 next we ACT;now ACT forward;now we're ACT;up ACT the;we ACT onto;your weight is
xyz 0.5 ACT SIDE ACT;ACT one NUMBER;ACT with the;ACT your SIDE;SIDE FOOT half;and ACT back;breath ACT in
xyz 0.5 inhale and ACT;into it ACT;soften the FOOT;weight onto the;your weight ACT
xyz 1.0 ACT a half;ACT back with;ACT out to;ACT the waist;ACT them down;ACT those FOOT;FOOT of the;HAND ACT up
xyz 1.0 SIDE FOOT is;and ACT and;my back FOOT;repeat on the;so let it;up on the;weight in the
xyz -0.8 ACT a little;SIDE FOOT and;and ACT with;and the FOOT;as the SIDE;as you ACT;we ACT the
xyz 1.3 ACT back ACT;ACT back into;ACT forward with;ACT it down;ACT to your;ACT up tall;FOOT ACT down;a lot of
xyz 1.3 and to finish;at the end;back FOOT ACT
xyz 1.2 ACT back SIDE;FOOT back down;NUMBER ACT your;both HAND ACT;breathe in as;the SIDE FOOT
xyz -0.4 ACT back a;ACT forward on;FOOT ACT ACT;and ACT behind;so that your;then ACT out
xyz 1.4 ACT back on;ACT back onto;ACT on your;ACT up onto;FOOT ACT and;half ACT with
xyz 0.7 ACT back weight;ACT down on;ACT with your;FOOT ACT then;FOOT out NUMBER;and ACT out;and then i
xyz 0.7 as you exhale;back FOOT out;back to ACT;bend the SIDE;brush and ACT;it ACT out;let the breath
xyz 0.7 let your SIDE
xyz 1.1 ACT forward into;FOOT ACT SIDE;SIDE FOOT ACT;SIDE FOOT back;and ACT again;as you inhale;the back FOOT
xyz 1.1 the weight is
xyz 0.8 ACT it forward;ACT it with;ACT out SIDE;ACT through with;ACT to ACT;FOOT in ACT;SIDE HAND ACT;as you do
xyz 0.8 back SIDE SIDE;bow stance NUMBER;breathe in when;breathe out as;out to the;the FOOT of;weight back to
xyz 0.8 your HAND ACT
xyz -0.9 ACT on the;ACT out ACT;ACT up and;and ACT up;next to the;so the FOOT;the FOOT and;to the SIDE
xyz -0.9 weight forward SIDE;with the FOOT
xyz 0.9 ACT on to;ACT up with;FOOT are parallel;FOOT down weight;FOOT together weight;SIDE ACT on
xyz 0.9 SIDE FOOT straight;and ACT my;and then we're;and we're ACT;as the weight;back ACT SIDE;bend your FOOT
xyz 0.9 brush past the;i ACT my;same on the;the ACT FOOT;the waist ACT;the weight ACT;weight back on;weight to the
xyz 0.9 your SIDE FOOT;your SIDE HAND
xyz -1.0 ACT the HAND;ACT up ACT;ACT your FOOT;all the way;and ACT SIDE;we ACT back;with the SIDE
xyz -1.2 ACT the floor
xyz 0.4 ACT the weight;the FOOT ACT;then the SIDE
xyz 1.9 ACT up the
xyz 1.7 ACT up your
xyz -1.5 breathe out ACT;if you can
xyz -1.4 if you need
xyz 0.3 let it ACT
xyz -0.3 most of your
xyz -1.7 on the FOOT
xyz -1.8 on the SIDE
xyz -1.6 then the FOOT
y -1.8 #
y -0.5 SIDE;front;or;pushing;stay;stays;strike;wings
y -0.8 about;apart;by;if;its;light;same;width
y 0.8 again;careful;diagonally;that
y 0.5 always;halfway;other
y -1.3 and;behind;in;so
y 0.9 are;body;nothing
y 1.6 begin
y -0.7 beside;bow;first;hips;leave;okay;only;see;where
y -1.1 degrees;straight
y -0.9 don't;even;like;little;past
y -0.6 equal;her;higher;horse;i've;rest;rests;sorry
y 0.6 everything;is;more;over;rush;when
y 1.0 finish
y -1.0 floor;to;way
y 0.7 gonna;i;most;one;part;pause;river;share;show;start;that's;white
y -0.4 let
y 1.3 lot;there
y 1.7 should
y 1.1 sure;yourself
y 1.4 thing;this
"""
