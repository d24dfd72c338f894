"""How much each sign speaks for a pause: its name, its weight, the words it is of. Made by `make pauses`; not to be edited
by hand."""

TABLE = """\
a -1.7 #
a 1.2 NUMBER;its;wall;wants
a 0.7 a;heal;meet;no;strike
a -0.7 again;ahead;bent;i;if;punch;should;that's;until;where
a -0.5 apart;forward;have
a -1.6 as
a 0.9 behind;beside;need;pointing;same
a 0.8 bit;fall;them
a -0.6 body;degrees;from;hold
a 1.0 chest
a -0.9 don't;floor;let's;there;we're
a -0.8 end;okay;we;you're
a 0.6 exhale;get;gets;has;hips;low;not;of;pop;the;want;whole;without
a -1.0 first;inhale;when
a 0.2 for
a -1.3 let;so
a -1.2 now
a 0.5 percent;rush;section;whip
a 0.3 rear
a 1.3 slightly
ab 0.7 ACT HAND;ACT across;ACT in;ACT inward;ACT north;SIDE hip;forty-five degrees;forward again;it breathe
ab 0.7 its FOOT;meet it;my HAND;so SIDE;start with;straight ahead;to you
ab -0.9 ACT NUMBER;ACT one;and again
ab 0.8 ACT away;ACT round;SIDE corner;SIDE in;becomes ACT;exhale ACT;forward SIDE;it forward;on it;one ACT
ab 0.8 the door;then FOOT;weight over;your HAND
ab -0.7 ACT exhale;ACT to;ACT your;FOOT and;let it;you exhale
ab -0.6 ACT over;ACT the;ACT too;ACT with;FOOT FOOT;FOOT SIDE;FOOT so;a low;bit now;front FOOT;one FOOT;your chair
ab -0.5 ACT sideways;out now;stance SIDE;the same;weight in;you're ACT;your ACT
ab 1.5 ACT through
ab 1.0 FOOT completely;each FOOT;it in;no weight;of you;out SIDE;that FOOT
ab 1.1 FOOT first;FOOT in;on top;onto it;the ACT
ab -1.1 FOOT is;back ACT;the first;the weight
ab 0.6 FOOT now;FOOT stays;FOOT straight;about NUMBER;and NUMBER;back down;begin with
ab 0.9 FOOT touching;HAND width;NUMBER o'clock;SIDE NUMBER;and ACT;and down;breath out;little bit;of NUMBER
ab 0.9 out NUMBER;that way;the floor;to it;with you
ab 1.2 NUMBER NUMBER;NUMBER breaths;is comfortable;same weight;they ACT;wants to
ab 0.4 NUMBER one;SIDE HAND;SIDE front
ab 1.3 SIDE diagonal;in front;other FOOT;out breath;you ACT
ab 0.5 SIDE side;and SIDE;and breathe;and exhale;beside it;horse stance;it over;the room
ab -1.0 an ACT;and it
ab -1.3 and you;as you;then you
ab 1.4 behind you;into it
ab 1.6 down first
ab -0.4 it NUMBER;the way
ab 1.9 it is
ab -0.3 it out
ab -0.8 last one;the HAND;weight SIDE
abx -0.6 ACT ACT ACT;FOOT again and;FOOT out and;HAND ACT and;HAND width apart;SIDE FOOT all;SIDE HAND ACT
abx -0.6 breathe in ACT;let it ACT;the SIDE side
abx 0.7 ACT ACT your;ACT back FOOT;the FOOT the;the front and;the weight on
abx -0.7 ACT SIDE ACT;ACT forward and;ACT it back;SIDE FOOT out;SIDE corner and;and ACT it;breathe out when
abx -0.7 in front and;the SIDE corner;the floor and;the weight ACT;your SIDE FOOT
abx 0.5 ACT SIDE NUMBER;NUMBER NUMBER ACT;breathe out now;in it ACT;up ACT SIDE
abx -1.2 ACT SIDE and;ACT up the;the SIDE HAND
abx -0.2 ACT back ACT;FOOT up ACT
abx -1.0 ACT back SIDE;ACT up breathe;FOOT NUMBER ACT;FOOT in ACT;and ACT the;back FOOT ACT;breathe out and
abx -1.0 the SIDE and;width apart and
abx -0.9 ACT forward ACT;FOOT first and;SIDE SIDE SIDE;the HAND ACT;you can ACT
abx -0.3 ACT in and
abx 1.1 ACT it ACT;ACT out and;HAND ACT SIDE
abx -0.8 ACT it and;NUMBER NUMBER degrees;SIDE FOOT back;SIDE FOOT in;and you ACT;the ACT FOOT;the back FOOT
abx -0.8 the breath ACT
abx 1.4 ACT up ACT
abx -0.5 ACT up your;FOOT up and;HAND ACT breathe;SIDE FOOT ACT;and ACT my;the side and;weight SIDE ACT
abx -0.5 your SIDE HAND
abx -1.1 FOOT ACT and;FOOT together and;the SIDE FOOT;the SIDE let;the front FOOT
abx 0.8 FOOT first ACT;NUMBER degrees the;NUMBER percent the;and ACT and
abx 1.3 FOOT in the;the back ACT
abx 0.9 SIDE FOOT FOOT;other FOOT ACT;the SIDE your
abx 1.2 SIDE FOOT so
abx 0.3 behind you ACT;weight forward SIDE
abx 1.5 breathe in and
abx 0.6 breathe in the;the FOOT out;then FOOT ACT
abx -1.5 into it and
abx 1.0 the side ACT
abx 0.4 the weight and
abx 1.7 to ACT so
any -2.6 *
b 0.9 FOOT;floor;me;o'clock;out;punch;seconds;soft
b 1.0 HAND;hang;light;north
b -0.9 NUMBER;about;at;only;same;what
b 1.4 SIDE;breaths;straight;there;together
b -2.3 a
b 0.6 across;again;first;hip;pushing;tall;was
b 1.3 ahead;away;east;inwards;level;outwards;room;wall
b -1.1 all;big;hold;next;no;she;when
b 1.1 altogether;diagonal;ear;evenly;forward;front;it;line;wide
b -0.7 an;but;it's;like;our;people;small;that;this;where
b -4.3 and
b 1.8 apart
b 0.5 arrives;parallel;up
b -2.1 as;i;of;to
b -0.8 because;body;feel;its;make;or;water;we'll;while;will
b -1.0 both;not;now;past;until;without
b 1.2 breath;comfortable;down;height
b 0.7 breathe;completely;far;forwards;fridge;mane;rest;section;solid;space;them;week
b -0.6 brush;from;full;got;means;posture
b -1.3 by;if;keep;let's
b 2.0 corner
b 0.8 degrees;door;flat;middle;stance
b -1.2 do;ok;that's;they
b -1.7 don't;for;onto
b 1.9 equally
b 1.6 even;sides;width;yet
b 1.5 here;high;side;touching
b 0.4 home
b -1.4 i'm;is;okay;we're
b -1.5 inhale;with
b -1.8 into;let
b -2.0 my;on
b -2.8 so;your
b -0.5 sorry;waist
b -3.9 the
b -2.7 then
b -2.2 we
b -1.6 you're
bx 1.5 ACT ACT
bx 0.9 ACT HAND;FOOT NUMBER;behind and;first NUMBER;front ACT;height ACT;in ACT;weight and
bx -1.2 ACT SIDE;ACT forward;i ACT;out as;the SIDE
bx -1.0 ACT all;FOOT ACT;NUMBER degrees;in front;one ACT;out NUMBER;to the;we're ACT;weight back;your weight
bx -2.0 ACT back
bx -0.5 ACT down;ACT in;ACT into;ACT over;ACT through;FOOT out;SIDE let's;as the;both FOOT;bow stance;in NUMBER
bx -0.5 now i'm;she ACT;stance so;up your
bx 0.6 ACT i;SIDE your;bit now;down now;in now;it breathe;now so;out ACT
bx -1.4 ACT it;NUMBER NUMBER
bx 1.4 ACT last;degrees the;it to
bx -1.1 ACT my;ACT up;SIDE then;front FOOT;on the;then ACT;through the;we ACT;with the
bx 1.0 ACT now;flat ACT;out now;side the;way ACT
bx -0.8 ACT out;FOOT is;FOOT while;SIDE corner;SIDE front;bend the;don't ACT;forward weight;in when;let the
bx -0.8 my SIDE;now the;onto the;side so;width apart;you breathe;your SIDE
bx -0.6 ACT that;FOOT again;FOOT down;FOOT up;a ACT;about NUMBER;back FOOT;breathe in;forward NUMBER;in FOOT
bx -0.6 in half;in inhale;in the;in your;let's ACT;of the;out SIDE;out breath;part NUMBER;side and;straight ahead
bx -0.6 thing ACT;through and;up breathe;up the;with your
bx -1.8 ACT the;FOOT first;SIDE HAND
bx -0.7 ACT them;FOOT are;FOOT back;FOOT now;FOOT touching;HAND width;SIDE and;SIDE hip;away from;behind you
bx -0.7 breathe out;by ACT;corner ACT;corner and;floor and;from the;into the;it FOOT;it all;it back;it over;now we
bx -0.7 small ACT;so ACT;stance SIDE;the weight;they ACT
bx -1.9 ACT your
bx 0.7 FOOT FOOT;FOOT exhale;again now;corner NUMBER;forward the;middle HAND;now FOOT
bx 0.8 FOOT keep;FOOT we;HAND with;down ACT;down FOOT;in on;out FOOT;percent the
bx 1.1 FOOT let;FOOT that;FOOT you;SIDE the;back the;forward FOOT
bx 1.2 FOOT my;FOOT your
bx 1.8 FOOT the
bx -0.9 FOOT then;FOOT together;NUMBER percent;SIDE as;SIDE side;beside the;down first;forward again;i'm ACT
bx -0.9 inhale ACT;is ACT;off the;over the;you're ACT
bx -1.7 HAND ACT;can ACT;first then;weight ACT
bx -2.9 SIDE FOOT
bx 0.5 SIDE breathe
bx 0.3 SIDE exhale
bx -1.3 and ACT;now ACT;together and
bx 1.3 behind ACT;up so
bx -1.6 forward and;half ACT
bx -0.4 it ACT;it then;out when;waist ACT
bx 1.7 it the
bx -1.5 to ACT
bxy 0.9 ACT ACT SIDE;FOOT ACT onto;FOOT i ACT;SIDE FOOT on;back FOOT in
bxy 0.6 ACT ACT it;FOOT ACT ACT;FOOT and as;FOOT and i;it the SIDE;out ACT back;percent the SIDE;up and down
bxy 0.6 we ACT back;weight on the
bxy -1.7 ACT ACT with
bxy -1.0 ACT NUMBER percent;FOOT and let;first then the
bxy 0.8 ACT SIDE FOOT;ACT on the;FOOT in the;FOOT the weight;FOOT we ACT;first weight ACT
bxy 1.0 ACT as the;ACT back ACT;FOOT ACT the;FOOT NUMBER ACT;in HAND down
bxy -0.4 ACT it down;HAND and ACT;SIDE FOOT back;corner FOOT first
bxy 0.7 ACT the ACT;ACT your HAND;FOOT ACT SIDE;FOOT ACT and;FOOT ACT it;FOOT SIDE FOOT;NUMBER ACT SIDE
bxy 0.7 SIDE ACT to;it with the;side the SIDE
bxy -0.7 ACT the SIDE;FOOT so that;SIDE ACT the;SIDE FOOT out;SIDE SIDE FOOT;SIDE SIDE SIDE;half ACT with
bxy -0.7 my SIDE FOOT;out when you;up breathe in;with the SIDE;you ACT on;your SIDE FOOT
bxy -0.5 ACT the back;FOOT back ACT;back FOOT ACT;down ACT SIDE;forward and ACT;on the SIDE;up your SIDE
bxy -0.6 ACT the weight;FOOT ACT off;SIDE ACT your;SIDE and i;into the SIDE;it ACT out;onto the SIDE;to the SIDE
bxy -0.6 up half a;you breathe in
bxy -1.1 ACT your SIDE
bxy 1.2 FOOT ACT NUMBER
bxy -0.9 FOOT ACT down;HAND ACT up;SIDE HAND ACT;SIDE as the;corner and ACT;the SIDE FOOT
bxy 1.1 FOOT ACT into;HAND ACT out
bxy 0.5 FOOT ACT them;FOOT now ACT;back and the;corner ACT the
bxy 1.9 FOOT ACT your
bxy -0.8 FOOT and ACT;FOOT so it's;FOOT then ACT;SIDE FOOT ACT;back ACT the;in and ACT;side ACT back
bxy -0.8 through and ACT;weight ACT back;weight ACT into;you ACT your
bxy -0.3 FOOT breathe out;SIDE ACT out
bxy -1.3 NUMBER ACT your;SIDE ACT SIDE;down and ACT
bxy -1.2 SIDE ACT it
bxy 2.1 SIDE FOOT parallel
bxy -0.2 back ACT SIDE
x 1.2 ACT
x -0.8 FOOT;across;flat;forwards;like;touching;under;wall
x 0.1 NUMBER
x -1.5 a
x -1.7 about;behind;on;up
x -0.6 ahead;evenly;forty-five;home;inwards;not;one;past;today;which;wide;without;yet
x 0.7 and;make;posture
x -0.9 apart;away;before;for;it;percent;round;side;stays;them
x -1.2 are;together
x -1.4 at;beside;corner;forward;through
x -0.7 becomes;between;completely;over;rests;should;stance;too;where
x 0.6 begin;heal;punch;those
x 1.1 big;exhale;look;shake;you'll
x -1.0 bit;but;front;height;hip;parallel
x 1.6 breathe;don't;i'm;let's;she
x 1.4 brush;careful;there's;what
x -1.6 by
x -1.1 degrees;width
x -2.5 down
x -0.5 equally;high;me;outwards;solid;tall;till;towards
x 1.0 even;part;release;we're;weight
x 2.1 finish
x 0.8 get;have;wait;we
x 0.3 half
x 2.0 hold;i;let
x 1.9 if;that's
x -2.3 in;out
x 2.5 inhale
x -2.1 into;is
x 1.3 keep;last;my;play;repeat
x 1.5 next;pause;soften;stay;when
x 2.7 now
x -2.6 of
x 3.9 okay
x 0.5 once
x -2.0 onto
x -1.3 straight;there;until
x 2.4 then
x -1.8 to;with
x 1.8 we'll
xy -0.6 ACT ACT;ACT as;ACT out;ACT so;ACT you;FOOT is;FOOT then;HAND width;and look;as your;first then;into the
xy -0.6 that ACT
xy 1.5 ACT NUMBER;breathe in
xy 1.0 ACT SIDE;ACT the;and again;and forward;bend your;i'm ACT;make sure;okay and;release the;up on;you've got
xy 1.7 ACT a;ACT your
xy 1.2 ACT all;FOOT parallel;and i;and i'm;okay so;this is
xy 0.6 ACT both;ACT to;FOOT out;FOOT over;FOOT under;SIDE brush;back SIDE;back you;in a;inhale ACT;one ACT;out to
xy 0.6 so let;soften the;the next;weight into
xy -0.5 ACT exhale;ACT then;FOOT first;a little;and rest;becomes ACT;behind you;like you're;no weight;so it's
xy -0.5 towards the
xy -0.7 ACT from;about NUMBER;and NUMBER;and don't;as we;back down;beside the;onto the;the floor;you ACT
xy 0.7 ACT into;ACT that;and as;brush and;front FOOT;in the;it then;now ACT;part NUMBER;pause for;side ACT
xy 0.7 single whip;stay there;that's the;the last;waist SIDE;we ACT;you can;your SIDE
xy 0.5 ACT it;ACT too;FOOT ACT;FOOT are;SIDE side;as the;look over;over NUMBER;start with;to finish;weight to
xy 0.9 ACT on;FOOT not;and back;and that's;back FOOT;last one;let me;repeat on;same on
xy 0.8 ACT onto;FOOT of;FOOT together;HAND to;SIDE let's;and then;as you;forward again;let's ACT;next one;next we
xy 0.8 now we;now we're;she ACT;so NUMBER;weight ACT
xy 1.3 FOOT HAND;HAND up;keep your;so now
xy 1.8 NUMBER ACT;and to
xy -0.9 NUMBER degrees;and exhale;for NUMBER;now so;with the
xy 1.4 NUMBER more;now the
xy -1.0 SIDE ACT;and hold;i can;now and
xy 1.1 SIDE FOOT;so that's;so we
xy 1.6 and now;bend the
xy -1.1 can ACT;off the
xy 1.9 exhale and
xy 0.4 my weight;weight SIDE
xy -1.8 next to
xy -0.8 of the;your FOOT
xy -1.5 so that
xy -0.4 so the
xy -1.9 then FOOT
xy -1.6 to the
xyz -0.7 ACT ACT ACT;ACT back so;ACT from the;FOOT down first;FOOT first ACT;NUMBER ACT SIDE;NUMBER percent ACT
xyz -0.7 SIDE FOOT and;and ACT #;and ACT SIDE;and out to;and then ACT;and your FOOT;as you ACT
xyz 1.1 ACT ACT forward;ACT back onto;ACT in the;FOOT ACT down;and ACT again;breathe in as
xyz -1.1 ACT ACT the;ACT up and;on the FOOT;we ACT the
xyz 1.4 ACT ACT with;ACT out with;half ACT with
xyz 0.7 ACT NUMBER is;ACT all your;ACT back with;ACT it forward;ACT out SIDE;ACT to your;ACT up breathe
xyz 0.7 FOOT out NUMBER;HAND ACT SIDE;brush and ACT;keep your HAND;let the breath;my back FOOT;out to the
xyz 0.7 shake it out;the waist ACT;weight back to;weight to the;your weight is
xyz 0.8 ACT a half;ACT it out;ACT out to;ACT through with;FOOT HAND width;FOOT in ACT;FOOT of the;SIDE ACT on
xyz 0.8 SIDE HAND ACT;and ACT forward;back to ACT;breathe out as;i ACT my;it ACT out;next we ACT
xyz 0.8 over NUMBER counts;the back FOOT;the weight is
xyz -0.4 ACT a little;ACT forward to;and ACT behind;i ACT the
xyz -1.4 ACT back FOOT;if you can
xyz 0.4 ACT back SIDE;NUMBER NUMBER one;SIDE FOOT out;and ACT and
xyz -0.6 ACT back a;ACT forward ACT;ACT them out;ACT up ACT;FOOT ACT the;FOOT then FOOT;NUMBER percent the
xyz -0.6 SIDE FOOT first;SIDE FOOT to;again ACT the;and breathe in;breathe out #;i'm ACT to;into the SIDE
xyz -0.6 let your HAND;onto the SIDE;so the FOOT;then ACT to
xyz -0.9 ACT back and;ACT the HAND;ACT the floor;next to the;the FOOT and;we ACT back
xyz 1.2 ACT back into;ACT up onto;ACT up tall;FOOT ACT SIDE;FOOT together weight;SIDE FOOT back;all the weight
xyz 1.2 back FOOT ACT
xyz 0.6 ACT back on;ACT the waist;ACT those FOOT;ACT with the;ACT with your;FOOT down in;SIDE side ACT;as you do
xyz 0.6 back FOOT out;bend the SIDE;breathe in ACT;forward again onto;let it ACT;let your SIDE;one NUMBER NUMBER
xyz 0.6 so let it;soften the FOOT;up ACT the;we ACT onto;weight onto the;with the weight;your SIDE HAND
xyz 0.5 ACT down into;ACT down on;ACT into it;ACT the body;ACT your SIDE;SIDE FOOT becomes;pause for NUMBER
xyz 0.5 so ACT the;then ACT back;weight into the;your weight ACT
xyz 1.0 ACT forward into;ACT up with;NUMBER ACT your;SIDE FOOT ACT;and ACT my;and then we're;back ACT SIDE
xyz 1.0 bend your FOOT;front FOOT ACT;then the SIDE;up on the;weight in the
xyz -0.2 ACT forward on
xyz 1.3 ACT forward with;ACT it down;FOOT ACT and;FOOT back down;as the weight;as you inhale;the SIDE FOOT
xyz 1.3 the weight ACT
xyz -1.2 ACT on the;breathe out ACT
xyz 0.9 ACT on your;ACT to ACT;SIDE FOOT is;SIDE FOOT straight;and ACT out;as you exhale;repeat on the;same on the
xyz 0.9 the ACT FOOT;the FOOT of;ward off SIDE;you should be;your HAND ACT;your SIDE FOOT
xyz -0.8 ACT out ACT;ACT your FOOT;NUMBER NUMBER NUMBER;all the way;and ACT up;and ACT with;breathe in and
xyz -0.8 to the SIDE
xyz 1.9 ACT up the;the SIDE HAND
xyz 1.7 ACT up your
xyz -0.5 HAND ACT down;and ACT into;and you ACT;as the SIDE;back ACT the;in the SIDE;over the SIDE;to ACT the
xyz -0.5 weight ACT forward;with the FOOT
xyz 1.5 HAND ACT up
xyz -1.5 NUMBER NUMBER degrees
xyz 1.6 both HAND ACT
xyz -1.3 breathe out now;on the SIDE
xyz -1.0 if you need;then the FOOT;weight forward SIDE
xyz 0.3 the FOOT ACT
y -1.7 #
y -0.7 SIDE;about;even;floor;i've;light;okay;same;to
y 0.9 again;most;start;yourself
y -1.4 and
y -0.9 apart;way
y 0.6 are;back;directly;everything;is;of;pause;rush;share;water;when;white
y 1.2 begin;finish;this
y -1.1 behind;in
y -0.8 bow;by;far;like;little;straight;width
y 0.8 careful;movement;that
y -1.0 degrees;if
y 0.7 diagonally;over;parallel;part;thing;whip;wide
y -0.6 don't;equal;first;front;have;her;hips;its;rest;rests;shake;slightly
y 0.5 down;gonna;moment
y -0.5 flat;only;stay;you've
y 1.1 more;nothing;that's
y 1.4 should;there
y -1.6 so
y 1.0 some;sure
y 0.4 waist
"""
