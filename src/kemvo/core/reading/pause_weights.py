"""How much each sign speaks for a pause. Made by `make pauses`; not to be edited by hand."""

TABLE = """\
 -2.53
a # -1.72
a NUMBER 1.16
a a 0.57
a again -0.71
a ahead -0.71
a and -0.50
a apart -0.55
a as -1.46
a at -0.34
a away -0.44
a back -0.56
a backwards 0.42
a be -0.43
a becomes 0.44
a behind 0.93
a bent -0.68
a beside 0.80
a between 0.38
a bit 0.75
a body -0.62
a brush 0.36
a but -0.48
a by 0.44
a chest 0.94
a corner -0.45
a counts -0.45
a degrees -0.64
a don't -0.87
a end -0.50
a equally -0.32
a even 0.33
a exhale 0.49
a fall 0.62
a find -0.43
a finish -0.37
a first -0.95
a floor -0.94
a for 0.43
a forty-five 0.47
a forward -0.58
a from -0.54
a get 0.55
a gets 0.61
a hang 0.27
a has 0.59
a have -0.57
a heal 0.71
a height -0.45
a hello -0.25
a hips 0.63
a hold -0.61
a i -0.68
a i'm -0.31
a if -0.59
a inhale -0.97
a inward -0.38
a it 0.28
a its 1.21
a let -1.09
a let's -0.84
a like 0.35
a little 0.53
a low 0.56
a me -0.54
a meet 0.63
a mind 0.40
a more -0.34
a my 0.35
a need 0.82
a no 0.69
a not 0.67
a now -1.26
a o'clock -0.33
a of 0.58
a off -0.44
a okay -0.82
a onto 0.45
a our -0.46
a part -0.33
a past 0.26
a percent 0.47
a pointing 0.79
a pop 0.62
a posture -0.43
a punch -0.65
a rear 0.31
a round -0.47
a rush 0.51
a same 0.87
a say 0.52
a seconds -0.43
a section 0.54
a shake -0.38
a should -0.61
a single 0.41
a slightly 1.29
a so -1.24
a solid 0.45
a some 0.31
a stay -0.40
a strike 0.68
a that's -0.66
a the 0.58
a them 0.84
a then -0.41
a there -0.82
a they 0.47
a thing 0.29
a third -0.35
a those -0.42
a time -0.53
a times 0.39
a today -0.34
a until -0.54
a waist -0.50
a wall 1.00
a want 0.53
a wants 1.22
a ward 0.33
a we -0.81
a we're -0.81
a welcome -0.44
a when -0.60
a where -0.56
a whip 0.53
a whole 0.54
a with 0.41
a without 0.62
a yet -0.34
a you're -0.83
ab ACT HAND 0.60
ab ACT NUMBER -0.94
ab ACT a -0.38
ab ACT across 0.69
ab ACT along 0.45
ab ACT away 0.79
ab ACT backwards -0.32
ab ACT closer 0.48
ab ACT exhale -0.53
ab ACT first -0.34
ab ACT forwards -0.53
ab ACT in 0.57
ab ACT into -0.49
ab ACT inward 0.55
ab ACT it -0.50
ab ACT my -0.39
ab ACT north 0.63
ab ACT now -0.50
ab ACT one -0.68
ab ACT onto -0.45
ab ACT out 0.47
ab ACT over -0.63
ab ACT round 0.50
ab ACT sideways -0.55
ab ACT so -0.49
ab ACT the -0.59
ab ACT through 1.55
ab ACT to -0.64
ab ACT too -0.56
ab ACT with -0.58
ab ACT your -0.63
ab FOOT FOOT -0.61
ab FOOT SIDE -0.54
ab FOOT and -0.68
ab FOOT as -0.35
ab FOOT behind 0.48
ab FOOT completely 0.99
ab FOOT first 1.12
ab FOOT flat 0.35
ab FOOT front 0.46
ab FOOT in 0.87
ab FOOT is -0.92
ab FOOT now 0.64
ab FOOT okay 0.39
ab FOOT parallel -0.50
ab FOOT so -0.55
ab FOOT stays 0.66
ab FOOT straight 0.55
ab FOOT then -0.40
ab FOOT to -0.37
ab FOOT touching 0.98
ab FOOT until -0.31
ab FOOT up 0.35
ab FOOT while -0.39
ab FOOT will -0.31
ab HAND up -0.20
ab HAND width 0.91
ab NUMBER ACT -0.42
ab NUMBER NUMBER 1.15
ab NUMBER breaths 1.18
ab NUMBER degrees 0.24
ab NUMBER is -0.38
ab NUMBER o'clock 0.92
ab NUMBER one 0.71
ab NUMBER percent 0.24
ab NUMBER seconds 0.31
ab NUMBER thirds 0.36
ab NUMBER times 0.38
ab SIDE ACT -0.37
ab SIDE HAND 0.52
ab SIDE NUMBER 0.82
ab SIDE and -0.46
ab SIDE corner 0.98
ab SIDE diagonal 1.32
ab SIDE exhale -0.50
ab SIDE front 0.40
ab SIDE hip 0.82
ab SIDE in 0.75
ab SIDE side 0.60
ab SIDE weight -0.50
ab a ACT 0.59
ab a big -0.40
ab a breath 0.48
ab a low -0.63
ab a small -0.37
ab about NUMBER 0.56
ab an ACT -0.94
ab and ACT 1.40
ab and NUMBER 0.72
ab and SIDE 0.74
ab and again -0.76
ab and breathe 0.76
ab and down 1.02
ab and exhale 0.98
ab and forward -0.47
ab and it -0.70
ab and let -0.35
ab and rest 0.46
ab and then -0.37
ab and we -0.46
ab and you -0.74
ab as you -0.95
ab back ACT -0.75
ab back FOOT 0.28
ab back down 0.99
ab back in 0.53
ab becomes ACT 0.66
ab begin with 0.63
ab behind you 1.46
ab beside SIDE 0.38
ab beside it 0.49
ab big ACT 0.27
ab bit now -0.60
ab both FOOT 0.57
ab both HAND -0.26
ab breath out 0.84
ab brush FOOT -0.47
ab by ACT -0.45
ab cloud HAND 0.40
ab completely ACT -0.26
ab corner FOOT 0.35
ab do it 0.40
ab do not -0.35
ab do that 0.44
ab don't ACT -0.33
ab down ACT -0.41
ab down FOOT -0.39
ab down first 1.48
ab down flat 0.47
ab down in -0.29
ab down now -0.35
ab each FOOT 0.92
ab end up -0.40
ab even ACT 0.40
ab exhale ACT 0.84
ab forty-five degrees 0.52
ab forward SIDE 0.71
ab forward again 0.57
ab front ACT -0.20
ab front FOOT -0.65
ab front corner 0.46
ab half ACT -0.31
ab half way 0.51
ab hip height 0.41
ab horse stance 0.56
ab i'm ACT -0.39
ab in HAND -0.43
ab in NUMBER 0.54
ab in front 1.19
ab in it -0.36
ab in now -0.29
ab inhale ACT -0.35
ab into it 1.07
ab is ACT 0.27
ab is called -0.36
ab is comfortable 1.15
ab is in -0.59
ab it NUMBER -0.53
ab it breathe 0.64
ab it down 0.22
ab it forward 0.66
ab it in 0.83
ab it is 1.66
ab it out -0.48
ab it over 0.41
ab it straight -0.36
ab it up -0.35
ab its FOOT 0.65
ab keep it -0.34
ab last one -0.66
ab let it -0.75
ab let me -0.42
ab let them -0.36
ab like you're -0.39
ab little bit 0.63
ab make it 0.24
ab make sure -0.38
ab meet it 0.63
ab my HAND 0.52
ab my weight -0.41
ab need to 0.38
ab next ACT -0.40
ab no weight 0.97
ab not too -0.33
ab now SIDE 0.42
ab of NUMBER 0.95
ab of you 1.37
ab on it 0.61
ab on top 0.73
ab one ACT 0.79
ab one FOOT -0.64
ab onto it 0.67
ab other FOOT 1.38
ab other side -0.23
ab our FOOT -0.44
ab out FOOT -0.41
ab out NUMBER 0.94
ab out SIDE 0.93
ab out breath 1.21
ab out now -0.56
ab out with -0.36
ab percent in -0.40
ab right back 0.39
ab same weight 1.22
ab side ACT 0.42
ab so SIDE 0.65
ab stance SIDE -0.47
ab start with 0.66
ab straight ahead 0.58
ab straight back -0.49
ab that FOOT 1.02
ab that again 0.56
ab that way 0.81
ab the ACT 0.96
ab the HAND -0.73
ab the corner 0.41
ab the door 0.75
ab the first -1.09
ab the floor 0.85
ab the next -0.34
ab the room 0.57
ab the same -0.52
ab the side 0.51
ab the waist 0.44
ab the way -0.32
ab the weight -1.02
ab the whole -0.36
ab the window 0.48
ab them down -0.35
ab then FOOT 1.06
ab then you -0.50
ab they ACT 0.83
ab third one -0.34
ab to ACT 0.64
ab to HAND -0.52
ab to SIDE 0.34
ab to finish 0.42
ab to it 0.79
ab to start 0.42
ab to you 0.92
ab together ACT 0.26
ab up beside 0.40
ab up in -0.33
ab up tall 0.32
ab wants to 1.22
ab ward off 0.33
ab way round -0.35
ab weight ACT 0.56
ab weight SIDE -0.84
ab weight back -0.22
ab weight in -0.62
ab weight on -0.39
ab weight onto -0.36
ab weight out 0.54
ab weight over 0.70
ab weight stays -0.39
ab when you -0.41
ab where it -0.42
ab white crane 0.48
ab whole FOOT 0.26
ab with you 0.99
ab you ACT 1.20
ab you are 0.51
ab you can 0.57
ab you could -0.46
ab you do -0.36
ab you exhale -0.51
ab you should 0.58
ab you're ACT -0.61
ab your ACT -0.50
ab your FOOT -0.47
ab your HAND 0.81
ab your chair -0.65
ab your weight 0.27
abx ACT ACT ACT -0.60
abx ACT ACT SIDE -0.34
abx ACT ACT the -0.28
abx ACT ACT your 0.71
abx ACT SIDE ACT -0.79
abx ACT SIDE NUMBER 0.56
abx ACT SIDE and -1.16
abx ACT back ACT -0.77
abx ACT back FOOT 0.70
abx ACT back SIDE -0.86
abx ACT down and -0.39
abx ACT down next 0.39
abx ACT down on 0.62
abx ACT forward ACT -1.20
abx ACT forward again -0.43
abx ACT forward and -0.74
abx ACT in NUMBER -0.39
abx ACT in and -0.40
abx ACT in the -0.40
abx ACT it ACT 1.17
abx ACT it and -0.68
abx ACT it back -0.52
abx ACT one ACT -0.40
abx ACT out ACT -0.36
abx ACT out and 0.76
abx ACT out weight 0.36
abx ACT out with -0.39
abx ACT through the -0.47
abx ACT up ACT 1.25
abx ACT up breathe -1.04
abx ACT up the -1.27
abx ACT up your -0.56
abx ACT your weight -0.29
abx FOOT ACT NUMBER -0.38
abx FOOT ACT and -1.14
abx FOOT ACT back 0.36
abx FOOT ACT half -0.42
abx FOOT ACT in -0.24
abx FOOT ACT the 0.55
abx FOOT ACT up -0.29
abx FOOT ACT your -0.34
abx FOOT NUMBER ACT -0.91
abx FOOT again and -0.73
abx FOOT down first -0.39
abx FOOT first ACT 0.61
abx FOOT first and -0.61
abx FOOT first weight -0.47
abx FOOT in ACT -0.91
abx FOOT in FOOT -0.31
abx FOOT in and -0.32
abx FOOT in half -0.33
abx FOOT in so 0.48
abx FOOT in the 1.27
abx FOOT in to -0.30
abx FOOT is now -0.44
abx FOOT now ACT -0.34
abx FOOT out ACT -0.41
abx FOOT out NUMBER -0.47
abx FOOT out and -0.61
abx FOOT out weight -0.48
abx FOOT together HAND -0.46
abx FOOT together and -1.09
abx FOOT up ACT -0.54
abx FOOT up and -0.55
abx FOOT up half -0.52
abx HAND ACT SIDE 1.00
abx HAND ACT and -0.61
abx HAND ACT breathe -0.63
abx HAND width apart -0.61
abx NUMBER NUMBER ACT 0.61
abx NUMBER NUMBER degrees -0.78
abx NUMBER degrees and -0.39
abx NUMBER degrees the 0.76
abx NUMBER o'clock ACT 0.27
abx NUMBER percent forward -0.23
abx NUMBER percent of -0.31
abx NUMBER percent the 0.68
abx NUMBER seconds ACT 0.43
abx NUMBER seconds then -0.43
abx SIDE ACT the -0.31
abx SIDE FOOT ACT -0.64
abx SIDE FOOT FOOT 0.81
abx SIDE FOOT all -0.65
abx SIDE FOOT back -0.69
abx SIDE FOOT can -0.37
abx SIDE FOOT completely -0.33
abx SIDE FOOT first -0.25
abx SIDE FOOT for -0.28
abx SIDE FOOT half -0.30
abx SIDE FOOT in -0.83
abx SIDE FOOT is -0.37
abx SIDE FOOT now -0.29
abx SIDE FOOT okay -0.42
abx SIDE FOOT out -0.80
abx SIDE FOOT so 1.17
abx SIDE FOOT that 0.52
abx SIDE FOOT until -0.35
abx SIDE FOOT your 0.37
abx SIDE HAND ACT -0.73
abx SIDE HAND brushes -0.44
abx SIDE SIDE SIDE -0.81
abx SIDE again ACT -0.37
abx SIDE corner and -0.64
abx a ACT ACT -0.62
abx a little ACT 0.24
abx a small ACT -0.37
abx and ACT NUMBER -0.44
abx and ACT again -0.33
abx and ACT all -0.39
abx and ACT and 0.76
abx and ACT it -0.70
abx and ACT my -0.56
abx and ACT on -0.27
abx and ACT the -0.89
abx and ACT them -0.34
abx and ACT with -0.41
abx and it ACT -0.44
abx and you ACT -0.52
abx as you ACT -0.41
abx back ACT SIDE -0.36
abx back FOOT ACT -0.80
abx back FOOT the -0.52
abx behind you ACT 0.70
abx both FOOT ACT -0.29
abx both FOOT now -0.48
abx both HAND ACT -0.33
abx breathe in ACT -0.67
abx breathe in and 1.23
abx breathe in the 0.57
abx breathe in when -0.49
abx breathe out and -0.92
abx breathe out as -0.58
abx breathe out now 0.57
abx breathe out when -0.74
abx brush FOOT SIDE -0.44
abx for NUMBER seconds -0.32
abx i ACT my -0.44
abx in ACT SIDE 0.26
abx in HAND ACT -0.35
abx in front ACT 0.42
abx in front and -0.82
abx in front of -0.47
abx in it ACT 0.59
abx into it ACT 0.49
abx into it and -1.33
abx it down ACT -0.49
abx its FOOT ACT 0.40
abx let it ACT -0.68
abx let them ACT -0.36
abx my SIDE FOOT -0.40
abx onto it SIDE 0.33
abx onto it and -0.65
abx onto it the 0.46
abx other FOOT ACT 0.88
abx that FOOT ACT -0.44
abx that FOOT and -0.46
abx the ACT ACT 0.39
abx the ACT FOOT -0.71
abx the ACT and 0.51
abx the FOOT are -0.36
abx the FOOT let 0.34
abx the FOOT now 0.46
abx the FOOT out 0.57
abx the FOOT so -0.29
abx the FOOT the 0.71
abx the FOOT touching -0.35
abx the HAND ACT -1.02
abx the HAND and -0.34
abx the SIDE FOOT -0.97
abx the SIDE HAND -1.23
abx the SIDE and -0.96
abx the SIDE as -0.51
abx the SIDE corner -0.72
abx the SIDE diagonal -0.42
abx the SIDE front -0.48
abx the SIDE hip -0.47
abx the SIDE let -1.01
abx the SIDE side -0.59
abx the SIDE until -0.36
abx the SIDE your 0.97
abx the back ACT 1.04
abx the back FOOT -0.77
abx the breath ACT -0.63
abx the floor ACT 0.39
abx the floor and -0.57
abx the front FOOT -1.05
abx the front and 0.68
abx the middle and -0.39
abx the other side -0.38
abx the side ACT 0.88
abx the side about -0.31
abx the side and -0.67
abx the weight ACT -0.70
abx the weight and 0.50
abx the weight on 0.68
abx then FOOT ACT 0.60
abx then you ACT -0.46
abx to ACT so 1.16
abx to ACT the -0.45
abx to SIDE FOOT 0.39
abx up ACT SIDE 0.43
abx weight SIDE ACT -0.54
abx weight forward SIDE 0.51
abx width apart and -0.84
abx you ACT ACT 0.25
abx you ACT back -0.38
abx you ACT on 0.50
abx you can ACT -1.07
abx you could ACT -0.46
abx you should be -0.30
abx your FOOT ACT -0.35
abx your SIDE ACT 0.37
abx your SIDE FOOT -0.62
abx your SIDE HAND -0.51
abx your weight ACT -0.34
abx your weight on -0.36
b FOOT 0.96
b HAND 0.98
b NUMBER -0.72
b SIDE 1.36
b a -2.37
b about -0.97
b across 0.55
b after -0.48
b again 0.75
b ahead 1.30
b all -0.99
b altogether 1.09
b an -0.59
b and -4.18
b apart 1.82
b are -0.51
b arrives 0.53
b as -1.97
b at -0.84
b away 1.21
b be -0.44
b because -0.77
b becomes -0.46
b begin -0.49
b behind 0.31
b bent 0.41
b beside -0.60
b between -0.62
b big -0.91
b body -0.45
b both -1.06
b breath 1.24
b breathe 0.76
b breaths 1.39
b brush -0.63
b but -0.74
b by -1.25
b called -0.39
b chest 0.50
b closer 0.48
b cloud 0.38
b comfortable 1.22
b completely 0.63
b corner 1.72
b could -0.46
b degrees 0.71
b diagonal 1.12
b diagonally 0.49
b do -1.19
b don't -1.55
b door 0.75
b down 1.23
b each -0.42
b ear 1.10
b east 1.30
b equally 1.76
b even 1.63
b evenly 1.10
b everything -0.38
b exhale -0.49
b far 0.58
b feel -0.67
b finish -0.40
b first 0.73
b flat 0.65
b floor 0.85
b for -1.55
b forward 1.11
b forwards 0.98
b fridge 0.83
b from -0.65
b front 1.17
b full -0.60
b fully -0.39
b get -0.38
b gonna -0.37
b got -0.61
b half -0.59
b hang 0.98
b have -0.50
b height 1.18
b here 1.48
b high 1.45
b hip 0.60
b hold -1.03
b home 0.49
b i -2.04
b i'm -1.38
b if -1.32
b in 0.27
b inhale -1.52
b into -1.65
b inward 0.30
b inwards 1.20
b is -1.33
b it 1.22
b it's -0.72
b its -0.64
b keep -1.28
b last -0.56
b lesson -0.47
b let -1.60
b let's -1.38
b level 1.27
b light 0.91
b like -0.70
b line 1.14
b low 0.31
b lute 0.35
b make -0.76
b mane 0.71
b me 0.77
b means -0.57
b middle 1.02
b more -0.42
b morning 0.48
b my -1.80
b next -1.13
b no -1.03
b north 0.87
b nose 0.55
b not -0.89
b nothing -0.41
b now -0.96
b o'clock 0.87
b of -2.13
b off -0.41
b ok -1.23
b okay -1.49
b on -1.85
b once -0.50
b one -0.48
b only -0.81
b onto -1.51
b or -0.80
b our -0.71
b out 0.81
b outward 0.33
b outwards 1.17
b parallel 0.68
b past -0.76
b pause -0.38
b people -0.79
b percent 0.24
b posture -0.55
b punch 0.91
b pushing 0.66
b quarter -0.44
b rest 0.66
b right 0.29
b room 1.27
b round 0.36
b same -0.79
b seconds 0.61
b section 0.70
b see -0.43
b she -1.13
b side 1.30
b sides 1.50
b sideways 0.35
b single -0.36
b small -0.57
b so -2.74
b soft 0.83
b solid 0.74
b sorry -0.58
b space 0.60
b stance 0.80
b straight 1.47
b sure -0.38
b tall 0.51
b that -0.72
b that's -1.20
b the -3.91
b them 0.70
b then -2.61
b there 1.41
b they -1.21
b third -0.35
b thirds 0.36
b this -0.77
b till -0.40
b to -2.10
b today 0.41
b together 1.45
b top 0.46
b touching 1.50
b towards -0.37
b until -1.04
b up 0.62
b waist -0.55
b wait -0.37
b wall 1.38
b want -0.36
b was 0.59
b water -0.88
b we -1.99
b we'll -0.84
b we're -1.33
b week 0.58
b were -0.33
b what -0.91
b when -1.14
b where -0.70
b which -0.42
b while -0.62
b white -0.46
b whole -0.52
b wide 0.92
b width 1.50
b will -0.65
b window 0.45
b with -1.48
b without -0.96
b yet 1.54
b you -0.43
b you're -1.60
b you've -0.30
b your -2.82
bx ACT ACT 1.39
bx ACT HAND 0.73
bx ACT NUMBER -0.36
bx ACT SIDE -0.79
bx ACT across -0.41
bx ACT again 0.34
bx ACT all -0.91
bx ACT as 0.43
bx ACT back -1.78
bx ACT backwards -0.27
bx ACT down -0.58
bx ACT exhale 0.61
bx ACT forward -1.24
bx ACT forwards -0.41
bx ACT from -0.44
bx ACT i 0.66
bx ACT in -0.49
bx ACT into -0.49
bx ACT it -1.50
bx ACT keep 0.46
bx ACT last 1.32
bx ACT let 0.35
bx ACT my -0.97
bx ACT now 1.01
bx ACT onto -0.43
bx ACT out -0.80
bx ACT over -0.55
bx ACT so 0.72
bx ACT straight -0.31
bx ACT that -0.68
bx ACT the -1.86
bx ACT them -0.64
bx ACT then 0.69
bx ACT those 0.40
bx ACT through -0.54
bx ACT up -1.09
bx ACT with 0.54
bx ACT your -1.93
bx FOOT ACT -0.98
bx FOOT FOOT 0.60
bx FOOT NUMBER 0.83
bx FOOT SIDE 0.41
bx FOOT a -0.38
bx FOOT again -0.60
bx FOOT are -0.64
bx FOOT at -0.39
bx FOOT back -0.59
bx FOOT bend 0.37
bx FOOT can -0.37
bx FOOT completely -0.45
bx FOOT down -0.67
bx FOOT exhale 0.72
bx FOOT first -1.63
bx FOOT flat -0.26
bx FOOT for -0.28
bx FOOT half -0.38
bx FOOT hold 0.39
bx FOOT i 0.35
bx FOOT is -0.68
bx FOOT keep 0.90
bx FOOT let 0.87
bx FOOT my 0.84
bx FOOT not -0.36
bx FOOT now -0.57
bx FOOT of -0.44
bx FOOT on -0.44
bx FOOT out -0.51
bx FOOT outward -0.42
bx FOOT over -0.34
bx FOOT parallel -0.54
bx FOOT pointing -0.33
bx FOOT same -0.41
bx FOOT should -0.34
bx FOOT stays -0.46
bx FOOT straight -0.35
bx FOOT that 0.93
bx FOOT the 1.80
bx FOOT then -0.69
bx FOOT through -0.31
bx FOOT together -0.90
bx FOOT touching -0.68
bx FOOT up -0.66
bx FOOT we 0.74
bx FOOT while -0.60
bx FOOT without -0.29
bx FOOT you 0.98
bx FOOT your 0.92
bx HAND ACT -1.49
bx HAND brushes -0.44
bx HAND on -0.37
bx HAND so 0.43
bx HAND up -0.43
bx HAND width -0.70
bx HAND with 0.80
bx NUMBER ACT -0.38
bx NUMBER NUMBER -1.54
bx NUMBER SIDE 0.35
bx NUMBER and -0.51
bx NUMBER counts -0.42
bx NUMBER degrees -0.99
bx NUMBER o'clock -0.30
bx NUMBER percent -0.90
bx NUMBER seconds -0.33
bx NUMBER the 0.41
bx SIDE FOOT -2.92
bx SIDE HAND -1.87
bx SIDE SIDE 0.33
bx SIDE and -0.56
bx SIDE as -0.60
bx SIDE breathe 0.53
bx SIDE corner -0.75
bx SIDE diagonal -0.42
bx SIDE exhale 0.48
bx SIDE front -0.64
bx SIDE hip -0.57
bx SIDE let's -0.56
bx SIDE side -0.94
bx SIDE so 0.45
bx SIDE the 1.14
bx SIDE then -0.86
bx SIDE until -0.36
bx SIDE your 0.55
bx a ACT -0.53
bx about NUMBER -0.69
bx again ACT -0.42
bx again now 0.57
bx all the -0.56
bx an ACT -0.42
bx and ACT -1.30
bx and let -0.38
bx and then -0.42
bx apart and -0.46
bx as the -0.53
bx as you -0.40
bx at the -0.38
bx away from -0.69
bx back ACT 0.76
bx back FOOT -0.61
bx back the 1.15
bx back to -0.26
bx back weight 0.56
bx becomes ACT -0.40
bx behind ACT 0.96
bx behind and 0.76
bx behind the -0.48
bx behind you -0.96
bx bend the -0.69
bx beside SIDE 0.48
bx beside the -0.53
bx big ACT -0.42
bx bit ACT -0.33
bx bit now 0.60
bx body ACT -0.43
bx both FOOT -0.54
bx bow stance -0.49
bx breath ACT -0.42
bx breath in -0.35
bx breathe in -0.62
bx breathe out -0.69
bx by ACT -0.57
bx can ACT -1.80
bx cloud HAND -0.48
bx comfortable now 0.31
bx corner ACT -0.74
bx corner NUMBER 0.57
bx corner and -0.68
bx corner weight 0.43
bx corner with -0.39
bx could ACT -0.46
bx degrees and -0.39
bx degrees the 1.17
bx don't ACT -0.76
bx don't let -0.47
bx down ACT 0.68
bx down FOOT 0.67
bx down and -0.35
bx down behind -0.47
bx down breathe -0.70
bx down first -0.80
bx down now 0.51
bx exhale and -0.38
bx feel the -0.32
bx first NUMBER 0.81
bx first and -0.36
bx first then -1.66
bx flat ACT 0.95
bx floor ACT 0.39
bx floor and -0.57
bx for NUMBER -0.44
bx forward ACT 0.47
bx forward FOOT 1.09
bx forward NUMBER -0.57
bx forward again -0.66
bx forward and -1.59
bx forward as -0.54
bx forward the 0.71
bx forward weight -0.72
bx forward with -0.33
bx from the -0.71
bx front ACT 0.84
bx front FOOT -1.17
bx front of -0.47
bx half ACT -1.27
bx height ACT 0.87
bx here ACT 0.45
bx hip ACT -0.44
bx hips ACT -0.47
bx i ACT -1.18
bx i'm ACT -0.93
bx if you -0.41
bx in ACT 0.63
bx in FOOT -0.59
bx in NUMBER -0.57
bx in a -0.44
bx in front -0.95
bx in half -0.51
bx in i -0.38
bx in inhale -0.59
bx in my -0.45
bx in now 0.61
bx in on 0.77
bx in the -0.61
bx in to -0.44
bx in when -0.56
bx in your -0.53
bx inhale ACT -0.93
bx into the -0.67
bx is ACT -0.94
bx is now -0.31
bx is the -0.32
bx it ACT -0.57
bx it FOOT -0.71
bx it SIDE 0.34
bx it all -0.66
bx it back -0.56
bx it breathe 0.66
bx it down -0.37
bx it over -0.62
bx it the 1.48
bx it then -0.49
bx it there -0.34
bx it to 1.28
bx it with 0.52
bx its FOOT -0.45
bx let the -0.79
bx let your -0.46
bx let's ACT -0.64
bx like you're -0.40
bx middle HAND 0.51
bx middle and -0.39
bx my SIDE -0.74
bx my weight -0.50
bx no weight -0.48
bx now ACT -1.30
bx now FOOT 0.65
bx now and -0.34
bx now i -0.50
bx now i'm -0.52
bx now so 0.66
bx now the -0.78
bx now we -0.59
bx now we're -0.47
bx now your -0.35
bx o'clock ACT 0.27
bx of the -0.64
bx off the -0.70
bx on the -1.10
bx on your -0.37
bx one ACT -0.70
bx one we -0.36
bx onto the -0.76
bx other side -0.38
bx out ACT 0.72
bx out FOOT 0.62
bx out NUMBER -0.86
bx out SIDE -0.65
bx out as -0.89
bx out breath -0.50
bx out now 0.94
bx out the 0.53
bx out to -0.54
bx out when -0.49
bx out with -0.44
bx over and 0.36
bx over the -0.72
bx over your -0.48
bx part NUMBER -0.59
bx past the -0.51
bx percent forward -0.23
bx percent of -0.31
bx percent the 0.68
bx quarter ACT -0.44
bx rear FOOT -0.42
bx seconds ACT 0.43
bx she ACT -0.59
bx should be -0.38
bx side about -0.31
bx side and -0.65
bx side so -0.71
bx side the 1.03
bx single whip -0.31
bx small ACT -0.57
bx so ACT -0.71
bx so now -0.42
bx soft ACT 0.30
bx stance SIDE -0.58
bx stance and 0.40
bx stance so -0.54
bx straight ahead -0.57
bx that FOOT -0.46
bx that the -0.40
bx the FOOT -0.35
bx the SIDE -1.14
bx the weight -0.74
bx then ACT -1.05
bx there for -0.56
bx they ACT -0.66
bx thing ACT -0.62
bx through and -0.67
bx through the -0.90
bx to ACT -1.35
bx to finish -0.34
bx to the -1.02
bx together HAND -0.46
bx together and -1.34
bx together to -0.31
bx towards the -0.37
bx under the 0.41
bx up SIDE -0.23
bx up and -0.33
bx up as -0.47
bx up breathe -0.64
bx up exhale -0.42
bx up so 1.24
bx up the -0.67
bx up to -0.43
bx up your -0.56
bx waist ACT -0.51
bx way ACT 0.79
bx we ACT -0.98
bx we're ACT -1.06
bx weight ACT -1.59
bx weight SIDE -0.42
bx weight and 0.87
bx weight back -0.93
bx weight even -0.57
bx weight forward -0.40
bx weight in -0.35
bx weight over -0.43
bx while the -0.47
bx width apart -0.83
bx will ACT -0.44
bx with the -1.11
bx with your -0.58
bx you ACT -0.48
bx you and 0.48
bx you breathe -0.72
bx you can -0.38
bx you exhale 0.36
bx you're ACT -0.85
bx your SIDE -0.78
bx your weight -1.01
bxy ACT ACT SIDE 0.98
bxy ACT ACT it 0.61
bxy ACT ACT the 0.41
bxy ACT ACT to 0.48
bxy ACT ACT with -1.66
bxy ACT ACT your -0.50
bxy ACT NUMBER percent -0.84
bxy ACT SIDE ACT -0.30
bxy ACT SIDE FOOT 0.66
bxy ACT all of -0.35
bxy ACT all your -0.48
bxy ACT and the 0.46
bxy ACT as the 0.91
bxy ACT back ACT 1.11
bxy ACT back on -0.29
bxy ACT back to -0.27
bxy ACT breathe out 0.57
bxy ACT forward again -0.40
bxy ACT from the -0.25
bxy ACT it down -0.47
bxy ACT my weight -0.34
bxy ACT on the 0.75
bxy ACT so ACT -0.53
bxy ACT the ACT 0.67
bxy ACT the HAND -0.35
bxy ACT the SIDE -0.75
bxy ACT the back -0.50
bxy ACT the weight -0.70
bxy ACT those FOOT -0.41
bxy ACT to ACT -0.30
bxy ACT with your -0.40
bxy ACT your HAND 0.58
bxy ACT your SIDE -1.11
bxy FOOT ACT ACT 0.59
bxy FOOT ACT NUMBER 1.28
bxy FOOT ACT SIDE 0.74
bxy FOOT ACT and 0.58
bxy FOOT ACT away -0.36
bxy FOOT ACT down -0.61
bxy FOOT ACT first -0.37
bxy FOOT ACT forward 0.52
bxy FOOT ACT in -0.30
bxy FOOT ACT into 1.06
bxy FOOT ACT inward -0.34
bxy FOOT ACT it 0.70
bxy FOOT ACT off -0.64
bxy FOOT ACT onto 0.84
bxy FOOT ACT out -0.33
bxy FOOT ACT over -0.34
bxy FOOT ACT the 0.99
bxy FOOT ACT them 0.56
bxy FOOT ACT your 1.89
bxy FOOT FOOT first -0.40
bxy FOOT NUMBER ACT 0.91
bxy FOOT NUMBER degrees -0.32
bxy FOOT SIDE FOOT 0.49
bxy FOOT and ACT -0.90
bxy FOOT and as 0.50
bxy FOOT and i 0.49
bxy FOOT and let -1.05
bxy FOOT and the 0.37
bxy FOOT and then 0.27
bxy FOOT and you -0.40
bxy FOOT back ACT -0.46
bxy FOOT breathe out -0.45
bxy FOOT can ACT -0.37
bxy FOOT first ACT -0.46
bxy FOOT half a -0.32
bxy FOOT i ACT 0.70
bxy FOOT in the 0.79
bxy FOOT let your 0.29
bxy FOOT my SIDE 0.49
bxy FOOT now ACT 0.62
bxy FOOT on the -0.36
bxy FOOT out to 0.37
bxy FOOT so it's -0.73
bxy FOOT so that -0.55
bxy FOOT the FOOT -0.40
bxy FOOT the weight 0.68
bxy FOOT then ACT -1.02
bxy FOOT then FOOT -0.58
bxy FOOT then the -0.35
bxy FOOT to ACT -0.48
bxy FOOT up ACT 0.43
bxy FOOT we ACT 0.74
bxy HAND ACT SIDE -0.32
bxy HAND ACT back -0.47
bxy HAND ACT breathe -0.33
bxy HAND ACT down -0.51
bxy HAND ACT forward -0.42
bxy HAND ACT out 0.90
bxy HAND ACT up -1.16
bxy HAND and ACT -0.49
bxy HAND breathe out -0.50
bxy NUMBER ACT SIDE 0.65
bxy NUMBER ACT back 0.47
bxy NUMBER ACT your -1.23
bxy NUMBER NUMBER ACT -0.29
bxy NUMBER the SIDE 0.49
bxy SIDE ACT SIDE -1.26
bxy SIDE ACT forward 0.62
bxy SIDE ACT it -1.16
bxy SIDE ACT onto 0.46
bxy SIDE ACT out -0.39
bxy SIDE ACT the -0.73
bxy SIDE ACT to 0.83
bxy SIDE ACT with 0.56
bxy SIDE ACT your -0.62
bxy SIDE FOOT ACT -0.75
bxy SIDE FOOT back -0.52
bxy SIDE FOOT in -0.25
bxy SIDE FOOT on 0.76
bxy SIDE FOOT out -0.67
bxy SIDE FOOT parallel 2.01
bxy SIDE FOOT up -0.34
bxy SIDE HAND ACT -1.03
bxy SIDE NUMBER percent -0.48
bxy SIDE SIDE FOOT -0.77
bxy SIDE SIDE SIDE -0.52
bxy SIDE and ACT -0.45
bxy SIDE and back 0.49
bxy SIDE and i -0.73
bxy SIDE and let 0.30
bxy SIDE and then 0.37
bxy SIDE as the -0.72
bxy SIDE as you 0.34
bxy SIDE let the -0.37
bxy SIDE weight SIDE 0.19
bxy SIDE with your 0.38
bxy all the weight -0.41
bxy and ACT the -0.32
bxy back ACT SIDE -0.53
bxy back ACT the -1.19
bxy back ACT your 0.49
bxy back FOOT ACT -0.49
bxy back FOOT in 0.82
bxy back and the 0.78
bxy behind the SIDE -0.44
bxy bend the SIDE -0.35
bxy beside the SIDE -0.42
bxy body ACT to -0.38
bxy by ACT the -0.46
bxy can ACT the -0.35
bxy corner ACT the 0.49
bxy corner FOOT first -0.48
bxy corner and ACT -0.90
bxy degrees ACT all 0.34
bxy down ACT SIDE -0.58
bxy down ACT your 0.38
bxy down and ACT -1.29
bxy down next to -0.34
bxy first and ACT -0.31
bxy first then the -0.92
bxy first weight ACT 0.87
bxy floor ACT the 0.35
bxy forward and ACT -0.54
bxy front FOOT down -0.33
bxy half ACT with -0.59
bxy in ACT back 0.38
bxy in HAND ACT -0.47
bxy in HAND down 0.74
bxy in and ACT -0.89
bxy in as you 0.43
bxy in front of -0.35
bxy in it ACT 0.57
bxy in my SIDE -0.37
bxy in the back 0.35
bxy in when you -0.40
bxy in your SIDE -0.38
bxy into the SIDE -0.61
bxy it ACT in 0.26
bxy it ACT out -0.56
bxy it ACT the 0.43
bxy it SIDE FOOT 0.34
bxy it and the 0.22
bxy it the SIDE 0.64
bxy it with the 0.64
bxy my SIDE FOOT -0.63
bxy now we ACT -0.34
bxy on the SIDE -0.47
bxy on your SIDE -0.32
bxy onto the SIDE -0.61
bxy out ACT back 0.69
bxy out as you -0.39
bxy out the SIDE -0.46
bxy out when you -0.47
bxy over the SIDE -0.49
bxy past the SIDE -0.34
bxy percent the SIDE 0.54
bxy side ACT back -0.74
bxy side ACT the 0.39
bxy side the SIDE 0.74
bxy small ACT to -0.33
bxy the SIDE FOOT -0.95
bxy through and ACT -0.86
bxy through the FOOT -0.36
bxy to ACT the -0.36
bxy to the SIDE -0.60
bxy up ACT SIDE -0.32
bxy up and ACT -0.39
bxy up and down 0.44
bxy up and the -0.39
bxy up breathe in -0.67
bxy up half a -0.54
bxy up your SIDE -0.54
bxy waist ACT to -0.41
bxy we ACT back 0.55
bxy we ACT the -0.48
bxy weight ACT back -0.78
bxy weight ACT forward -0.40
bxy weight ACT into -0.84
bxy weight ACT onto -0.49
bxy weight ACT over -0.37
bxy weight ACT to -0.41
bxy weight on the 0.63
bxy with the SIDE -0.65
bxy you ACT on -0.59
bxy you ACT the -0.43
bxy you ACT your -0.48
bxy you and ACT 0.48
bxy you breathe in -0.53
bxy your SIDE FOOT -0.70
x ACT 1.25
x FOOT -0.82
x NUMBER 0.34
x SIDE -0.61
x a -1.28
x about -1.55
x across -0.78
x again -0.40
x ahead -0.65
x all 0.28
x along -0.55
x altogether -0.29
x and 0.77
x apart -0.80
x are -1.18
x around -0.46
x arrives -0.26
x at -1.25
x away -0.89
x back -0.39
x backwards -0.39
x becomes -0.69
x before -0.77
x begin 0.57
x behind -1.73
x bend 0.44
x bent -0.46
x beside -1.40
x between -0.68
x big 1.02
x bit -0.97
x body 0.41
x both 0.46
x breath -0.32
x breathe 1.59
x breaths -0.59
x brush 1.25
x brushes -0.44
x but -1.08
x by -1.58
x careful 1.34
x cloud 0.36
x completely -0.56
x corner -1.45
x count 0.43
x counts -0.43
x degrees -1.13
x diagonal -0.50
x diagonally -0.32
x directly -0.29
x do 0.46
x doing -0.46
x don't 1.55
x down -2.36
x equally -0.65
x even 1.09
x evenly -0.71
x everything 0.32
x exhale 0.94
x far -0.31
x finish 2.03
x flat -0.77
x for -0.74
x forty-five -0.55
x forward -1.35
x forwards -0.64
x front -0.95
x fully -0.37
x get 0.66
x gets -0.43
x got -0.35
x half 0.75
x has -0.47
x have 0.87
x heal 0.59
x height -0.84
x here -0.56
x high -0.51
x hip -0.93
x hold 1.91
x home -0.62
x i 1.67
x i'd -0.32
x i'm 1.49
x if 1.77
x in -2.25
x inhale 2.35
x into -2.04
x inward -0.42
x inwards -0.69
x is -2.10
x it -0.83
x its -0.47
x keep 1.09
x last 1.18
x let 1.77
x let's 1.51
x level -0.45
x light -0.40
x like -0.76
x line -0.44
x little -0.48
x look 0.94
x make 0.74
x me -0.53
x means -0.35
x mind 0.40
x more -0.42
x movement -0.42
x my 1.00
x next 1.19
x no 0.34
x not -0.46
x nothing 0.38
x now 2.65
x o'clock -0.36
x of -2.32
x off -0.50
x okay 3.90
x on -1.55
x once 0.47
x one -0.57
x onto -1.86
x or 0.50
x other 0.35
x our -0.46
x out -2.30
x outward -0.45
x outwards -0.53
x over -0.65
x parallel -0.81
x part 1.05
x past -0.47
x pause 1.47
x percent -0.90
x play 1.21
x pointing -0.34
x posture 0.89
x punch 0.56
x quarter 0.47
x rear 0.24
x release 0.96
x repeat 1.33
x rest 0.40
x resting -0.53
x rests -0.57
x right -0.32
x round -0.96
x seconds -0.43
x shake 0.97
x she 1.55
x should -0.63
x side -0.77
x single 0.49
x slightly -0.51
x soft -0.57
x soften 1.33
x solid -0.57
x sorry 0.37
x stance -0.65
x stay 1.47
x stays -0.81
x stop 0.43
x straight -1.18
x strike 0.31
x tall -0.57
x that's 1.86
x them -0.87
x then 2.21
x there -1.22
x there's 1.45
x thing -0.42
x those 0.72
x through -1.35
x till -0.53
x times -0.36
x to -1.77
x today -0.58
x together -1.22
x too -0.73
x touching -0.79
x towards -0.54
x under -0.87
x until -1.08
x up -1.65
x waist 0.32
x wait 0.86
x wall -0.74
x was -0.31
x way -0.57
x we 0.82
x we'll 1.84
x we're 0.99
x weight 0.99
x what 1.30
x when 1.66
x where -0.66
x which -0.56
x while -0.37
x whip -0.31
x wide -0.65
x width -1.10
x will -0.50
x with -1.83
x without -0.55
x yet -0.70
x you 0.32
x you'll 1.08
x you're 0.37
x you've 0.35
x yourself -0.46
xy ACT ACT -0.56
xy ACT HAND 0.45
xy ACT NUMBER 1.65
xy ACT SIDE 0.98
xy ACT a 1.85
xy ACT all 1.09
xy ACT around 0.41
xy ACT as -0.51
xy ACT behind -0.44
xy ACT both 0.65
xy ACT by -0.45
xy ACT down -0.59
xy ACT exhale -0.56
xy ACT first -0.49
xy ACT for 0.38
xy ACT from -0.73
xy ACT half -0.45
xy ACT if -0.33
xy ACT in -0.37
xy ACT into 0.68
xy ACT inward -0.34
xy ACT it 0.52
xy ACT keep -0.53
xy ACT let -0.34
xy ACT like -0.41
xy ACT my 0.36
xy ACT north 0.32
xy ACT now -0.44
xy ACT on 0.84
xy ACT one 0.48
xy ACT onto 0.91
xy ACT out -0.50
xy ACT past -0.47
xy ACT round -0.48
xy ACT so -0.57
xy ACT straight -0.30
xy ACT that 0.58
xy ACT the 0.80
xy ACT then -0.50
xy ACT to 0.62
xy ACT too 0.52
xy ACT up 0.32
xy ACT you -0.59
xy ACT your 1.35
xy ACT yourself 0.39
xy FOOT ACT 0.56
xy FOOT HAND 1.31
xy FOOT and -0.45
xy FOOT are 0.53
xy FOOT back 0.47
xy FOOT first -0.54
xy FOOT is -0.62
xy FOOT not 0.86
xy FOOT of 0.78
xy FOOT on 0.53
xy FOOT out 0.61
xy FOOT over 0.58
xy FOOT parallel 1.18
xy FOOT then -0.63
xy FOOT together 0.94
xy FOOT under 0.53
xy HAND ACT 0.59
xy HAND by -0.31
xy HAND on -0.39
xy HAND to 0.73
xy HAND up 1.18
xy HAND width -0.57
xy NUMBER ACT 1.63
xy NUMBER NUMBER -0.36
xy NUMBER SIDE -0.36
xy NUMBER degrees -0.98
xy NUMBER is -0.40
xy NUMBER more 1.30
xy NUMBER of -0.31
xy SIDE ACT -0.58
xy SIDE FOOT 1.51
xy SIDE HAND 0.70
xy SIDE SIDE -0.34
xy SIDE again -0.41
xy SIDE and -0.30
xy SIDE breathe -0.32
xy SIDE brush 0.66
xy SIDE let's 0.95
xy SIDE side 0.62
xy SIDE weight -0.45
xy a ACT -0.45
xy a bit -0.58
xy a little -0.58
xy about NUMBER -0.62
xy again FOOT -0.48
xy again now -0.40
xy again the 0.38
xy all of -0.45
xy along the -0.46
xy and NUMBER -0.58
xy and a -0.31
xy and again 0.87
xy and as 0.48
xy and back 0.63
xy and don't -0.66
xy and exhale -0.81
xy and forward 0.95
xy and hold -1.05
xy and i 0.78
xy and i'm 1.11
xy and it -0.24
xy and look -0.61
xy and now 1.52
xy and rest -0.57
xy and slightly -0.43
xy and that's 0.88
xy and the -0.28
xy and then 0.54
xy and to 1.87
xy and your -0.45
xy apart now -0.31
xy as the 0.46
xy as we -0.89
xy as you 0.77
xy as your -0.73
xy at the -0.43
xy back FOOT 0.98
xy back SIDE 0.65
xy back again 0.33
xy back and -0.33
xy back down -0.64
xy back onto -0.39
xy back to 0.57
xy back you 0.69
xy becomes ACT -0.50
xy before you -0.35
xy behind you -0.51
xy bend the 1.02
xy bend your 0.68
xy beside it -0.40
xy beside the -0.64
xy between both -0.33
xy bow stance 0.48
xy breathe in 1.24
xy brush and 0.73
xy by ACT -0.44
xy can ACT -0.79
xy cloud HAND 0.40
xy count of 0.43
xy do a 0.43
xy do it -0.43
xy do that 0.39
xy don't let 0.38
xy exhale and 1.54
xy finish with -0.44
xy first ACT -0.24
xy first then -0.57
xy flat ACT -0.33
xy for NUMBER -0.66
xy for a -0.53
xy forward ACT -0.39
xy forward again 0.81
xy front FOOT 0.73
xy front of -0.35
xy half a -0.33
xy half way -0.38
xy i ACT 0.53
xy i can -0.81
xy i'm ACT 0.96
xy i've got 0.35
xy in ACT -0.41
xy in a 0.55
xy in front -0.45
xy in the 0.65
xy inhale ACT 0.52
xy into it -0.45
xy into the -0.65
xy is ACT -0.33
xy it then 0.71
xy it there -0.38
xy keep your 1.10
xy last one 0.64
xy let me 1.04
xy let the 0.47
xy let them -0.50
xy let's ACT 0.92
xy let's do 0.41
xy let's have 0.31
xy like a -0.39
xy like you're -0.52
xy look over 0.57
xy look to 0.41
xy make it 0.32
xy make sure 1.01
xy make the -0.43
xy middle HAND 0.51
xy most of 0.45
xy my SIDE 0.45
xy my back 0.37
xy my weight 0.61
xy next ACT 0.43
xy next one 0.64
xy next to -1.65
xy next we 0.70
xy no weight -0.59
xy now ACT 0.81
xy now and -1.01
xy now i 0.30
xy now i'm 0.43
xy now so -0.85
xy now the 1.28
xy now we 0.43
xy now we're 0.60
xy now you're 0.38
xy of the -0.72
xy of your -0.47
xy off the -0.75
xy okay and 0.98
xy okay so 1.14
xy on it -0.53
xy on its -0.34
xy on your -0.49
xy one ACT 0.70
xy only as -0.42
xy onto it -0.43
xy onto the -0.78
xy out ACT -0.42
xy out to 0.61
xy over NUMBER 0.71
xy part NUMBER 0.78
xy past the -0.37
xy pause for 0.75
xy quarter ACT 0.47
xy rear FOOT 0.24
xy release the 0.96
xy repeat on 0.90
xy rests on -0.42
xy same on 0.86
xy shake it 0.48
xy she ACT 0.72
xy side ACT 0.71
xy single whip 0.55
xy so ACT -0.11
xy so FOOT 0.39
xy so NUMBER 0.62
xy so i -0.36
xy so it's -0.64
xy so let 0.48
xy so now 1.35
xy so that -1.38
xy so that's 1.04
xy so the -0.43
xy so we 0.75
xy so your 0.46
xy soften the 0.55
xy start with 0.62
xy stay there 0.69
xy that ACT -0.63
xy that again -0.31
xy that way -0.28
xy that's the 0.70
xy the floor -0.68
xy the last 0.69
xy the next 0.63
xy the other -0.37
xy the rear 0.36
xy the weight 0.26
xy then FOOT -1.69
xy then all 0.42
xy then out -0.31
xy then we 0.24
xy there for -0.37
xy this is 1.21
xy those FOOT -0.41
xy through the -0.42
xy to ACT 0.34
xy to begin -0.30
xy to finish 0.66
xy to start -0.33
xy to the -1.61
xy to your -0.51
xy towards the -0.54
xy until the -0.33
xy until you -0.35
xy up on 0.95
xy waist SIDE 0.60
xy we ACT 0.74
xy we're gonna 0.37
xy weight ACT 0.81
xy weight NUMBER -0.49
xy weight SIDE 0.38
xy weight in 0.33
xy weight into 0.64
xy weight is 0.40
xy weight to 0.54
xy when you -0.39
xy where it -0.33
xy will ACT -0.32
xy with a -0.37
xy with it -0.36
xy with the -0.65
xy you ACT -0.86
xy you breathe -0.45
xy you can 0.59
xy you should 0.45
xy you're on 0.55
xy you've got 0.72
xy your FOOT -0.79
xy your HAND 0.35
xy your SIDE 0.56
xy your weight 0.06
xyz ACT ACT ACT -0.70
xyz ACT ACT forward 1.08
xyz ACT ACT the -1.16
xyz ACT ACT with 1.44
xyz ACT ACT your -0.41
xyz ACT NUMBER NUMBER 0.35
xyz ACT NUMBER degrees -0.40
xyz ACT NUMBER is 0.74
xyz ACT NUMBER percent 0.44
xyz ACT SIDE ACT 0.34
xyz ACT SIDE FOOT -0.39
xyz ACT SIDE and 0.48
xyz ACT a ACT -0.32
xyz ACT a half 0.77
xyz ACT a little -0.52
xyz ACT all of 0.38
xyz ACT all your 0.61
xyz ACT as the -0.44
xyz ACT back ACT 0.47
xyz ACT back FOOT -1.30
xyz ACT back SIDE 0.54
xyz ACT back a -0.55
xyz ACT back and -0.73
xyz ACT back into 1.09
xyz ACT back on 0.70
xyz ACT back onto 1.12
xyz ACT back so -0.71
xyz ACT back with 0.70
xyz ACT breathe out -0.33
xyz ACT by ACT -0.44
xyz ACT down ACT -0.42
xyz ACT down and -0.40
xyz ACT down first -0.50
xyz ACT down into 0.56
xyz ACT down on 0.58
xyz ACT down with 0.51
xyz ACT forward ACT -0.83
xyz ACT forward SIDE 0.49
xyz ACT forward into 0.90
xyz ACT forward on -0.43
xyz ACT forward onto 0.54
xyz ACT forward the -0.33
xyz ACT forward to -0.54
xyz ACT forward with 1.33
xyz ACT from the -0.73
xyz ACT in and -0.30
xyz ACT in front -0.34
xyz ACT in the 1.20
xyz ACT into it 0.43
xyz ACT into your 0.28
xyz ACT it ACT -0.35
xyz ACT it down 1.23
xyz ACT it forward 0.70
xyz ACT it out 0.73
xyz ACT it to -0.28
xyz ACT my SIDE 0.45
xyz ACT on it 0.40
xyz ACT on its -0.33
xyz ACT on the -1.14
xyz ACT on your 0.97
xyz ACT out ACT -0.80
xyz ACT out SIDE 0.70
xyz ACT out again -0.35
xyz ACT out to 0.83
xyz ACT out with 1.41
xyz ACT over to 0.47
xyz ACT that FOOT 0.38
xyz ACT the ACT -0.35
xyz ACT the HAND -0.67
xyz ACT the SIDE 0.35
xyz ACT the back -0.49
xyz ACT the body 0.50
xyz ACT the door -0.33
xyz ACT the floor -0.89
xyz ACT the waist 0.70
xyz ACT the weight 0.41
xyz ACT them out -0.60
xyz ACT then the -0.34
xyz ACT those FOOT 0.61
xyz ACT through and -0.49
xyz ACT through with 0.80
xyz ACT to ACT 0.97
xyz ACT to your 0.66
xyz ACT up ACT -0.69
xyz ACT up and -1.34
xyz ACT up breathe 0.56
xyz ACT up on 0.39
xyz ACT up onto 1.04
xyz ACT up tall 1.05
xyz ACT up the 1.62
xyz ACT up to -0.46
xyz ACT up with 0.89
xyz ACT up your 1.52
xyz ACT with the 0.60
xyz ACT with your 0.61
xyz ACT your FOOT -0.65
xyz ACT your SIDE 0.55
xyz ACT your body 0.32
xyz ACT your waist 0.44
xyz FOOT ACT SIDE 1.14
xyz FOOT ACT and 1.33
xyz FOOT ACT back 0.34
xyz FOOT ACT down 1.06
xyz FOOT ACT first 0.54
xyz FOOT ACT in -0.30
xyz FOOT ACT out -0.37
xyz FOOT ACT the -0.56
xyz FOOT ACT up -0.39
xyz FOOT HAND width 0.78
xyz FOOT back down 1.10
xyz FOOT down behind 0.37
xyz FOOT down first -0.80
xyz FOOT down flat -0.32
xyz FOOT down in 0.56
xyz FOOT first ACT -0.62
xyz FOOT in ACT 0.81
xyz FOOT of the 0.80
xyz FOOT on the 0.55
xyz FOOT out NUMBER 0.68
xyz FOOT out on 0.42
xyz FOOT then FOOT -0.57
xyz FOOT together ACT 0.41
xyz FOOT together weight 1.24
xyz HAND ACT SIDE 0.60
xyz HAND ACT breathe 0.46
xyz HAND ACT down -0.67
xyz HAND ACT forward 0.35
xyz HAND ACT out -0.32
xyz HAND ACT up 1.09
xyz HAND on the -0.26
xyz NUMBER ACT SIDE -0.60
xyz NUMBER ACT your 1.03
xyz NUMBER NUMBER NUMBER -0.59
xyz NUMBER NUMBER degrees -1.16
xyz NUMBER NUMBER one 0.53
xyz NUMBER percent ACT -0.60
xyz NUMBER percent of -0.38
xyz NUMBER percent the -0.63
xyz SIDE ACT on 0.83
xyz SIDE ACT the -0.29
xyz SIDE FOOT ACT 1.04
xyz SIDE FOOT FOOT -0.35
xyz SIDE FOOT and -0.66
xyz SIDE FOOT back 1.25
xyz SIDE FOOT becomes 0.57
xyz SIDE FOOT can -0.46
xyz SIDE FOOT first -0.60
xyz SIDE FOOT is 0.94
xyz SIDE FOOT out 0.50
xyz SIDE FOOT resting -0.45
xyz SIDE FOOT straight 0.80
xyz SIDE FOOT through -0.30
xyz SIDE FOOT to -0.60
xyz SIDE FOOT weight -0.29
xyz SIDE HAND ACT 0.72
xyz SIDE HAND is 0.42
xyz SIDE SIDE FOOT -0.39
xyz SIDE SIDE SIDE 0.48
xyz SIDE side ACT 0.67
xyz again ACT the -0.49
xyz all the way -0.90
xyz all the weight 1.03
xyz and ACT # -0.63
xyz and ACT NUMBER 0.47
xyz and ACT SIDE -0.66
xyz and ACT again 1.08
xyz and ACT and 0.51
xyz and ACT back 0.41
xyz and ACT behind -0.45
xyz and ACT down -0.40
xyz and ACT forward 0.91
xyz and ACT into -0.65
xyz and ACT my 1.03
xyz and ACT onto 0.35
xyz and ACT out 1.10
xyz and ACT them -0.33
xyz and ACT to -0.35
xyz and ACT up -0.71
xyz and ACT with -0.74
xyz and as you 0.42
xyz and back to 0.43
xyz and breathe in -0.51
xyz and breathe out -0.18
xyz and let it 0.41
xyz and my SIDE 0.40
xyz and out to -0.68
xyz and the FOOT -0.49
xyz and the front -0.46
xyz and the weight -0.42
xyz and then ACT -0.60
xyz and then we're 1.00
xyz and you ACT -0.43
xyz and your FOOT -0.69
xyz as the SIDE -0.48
xyz as the weight 1.36
xyz as you ACT -0.73
xyz as you do 0.59
xyz as you exhale 0.70
xyz as you inhale 1.25
xyz back ACT SIDE 1.02
xyz back ACT the -0.47
xyz back FOOT ACT 1.26
xyz back FOOT out 0.60
xyz back on the 0.45
xyz back to ACT 0.71
xyz before you ACT -0.35
xyz bend the FOOT 0.48
xyz bend the SIDE 0.53
xyz bend your FOOT 0.68
xyz beside the SIDE -0.48
xyz between both FOOT -0.33
xyz both HAND ACT 1.31
xyz breathe in ACT 0.63
xyz breathe in and -0.82
xyz breathe in as 1.16
xyz breathe in when 0.39
xyz breathe out # -0.58
xyz breathe out ACT -1.08
xyz breathe out as 0.74
xyz breathe out now -1.21
xyz breathe out when 0.27
xyz brush FOOT SIDE 0.31
xyz brush and ACT 0.73
xyz count of NUMBER 0.43
xyz exhale ACT the -0.39
xyz exhale and ACT 0.38
xyz first ACT your 0.39
xyz forward again onto 0.55
xyz from the SIDE 0.32
xyz front FOOT ACT 0.97
xyz half ACT with 1.28
xyz half a ACT -0.33
xyz i ACT my 0.65
xyz i ACT the -0.61
xyz i can ACT -0.48
xyz i want you 0.26
xyz i'm ACT to -0.55
xyz if you can -1.32
xyz if you need -1.01
xyz in the SIDE -0.55
xyz inhale ACT the 0.33
xyz into the SIDE -0.60
xyz it ACT out 0.69
xyz keep your HAND 0.71
xyz let it ACT 0.65
xyz let the breath 0.57
xyz let them ACT -0.46
xyz let your HAND -0.56
xyz let your SIDE 0.57
xyz let your weight 0.43
xyz look to the 0.41
xyz most of your -0.26
xyz my back FOOT 0.62
xyz next to the -0.80
xyz next we ACT 0.70
xyz now ACT forward 0.50
xyz now ACT your -0.31
xyz now the SIDE 0.53
xyz now we ACT 0.32
xyz now we're ACT 0.46
xyz of the SIDE -0.33
xyz off the floor -0.44
xyz on its FOOT -0.34
xyz on the FOOT -1.18
xyz on the SIDE -1.40
xyz on the back -0.29
xyz on the floor -0.38
xyz on your SIDE -0.38
xyz one NUMBER NUMBER 0.59
xyz onto the SIDE -0.61
xyz out to the 0.72
xyz over NUMBER counts 0.85
xyz over the SIDE -0.49
xyz pause for NUMBER 0.56
xyz play the lute 0.47
xyz rear FOOT ACT 0.40
xyz repeat on the 0.90
xyz same on the 0.87
xyz shake it out 0.54
xyz so ACT the 0.61
xyz so NUMBER percent 0.58
xyz so SIDE FOOT 0.53
xyz so let it 0.48
xyz so that the -0.38
xyz so that your -0.43
xyz so the FOOT -0.59
xyz so the weight -0.45
xyz so we're ACT -0.31
xyz so weight on -0.48
xyz soften the FOOT 0.55
xyz the ACT FOOT 0.86
xyz the FOOT ACT 0.37
xyz the FOOT and -0.83
xyz the FOOT down -0.59
xyz the FOOT of 0.94
xyz the SIDE FOOT 1.21
xyz the SIDE HAND 1.84
xyz the back FOOT 0.81
xyz the rear FOOT 0.40
xyz the waist ACT 0.73
xyz the weight ACT 1.09
xyz the weight and -0.33
xyz the weight in -0.37
xyz the weight is 0.68
xyz the weight on -0.41
xyz the weight to -0.26
xyz then ACT back 0.67
xyz then ACT onto 0.53
xyz then ACT the 0.53
xyz then ACT to -0.54
xyz then ACT up -0.35
xyz then ACT your 0.52
xyz then FOOT ACT -0.50
xyz then the FOOT -1.02
xyz then the SIDE 1.04
xyz then the weight 0.47
xyz those FOOT out -0.37
xyz to ACT the -0.56
xyz to the SIDE -0.88
xyz to your SIDE -0.35
xyz up ACT the 0.57
xyz up on the 0.97
xyz ward off SIDE 0.85
xyz we ACT back -0.89
xyz we ACT onto 0.56
xyz we ACT the -1.02
xyz weight ACT forward -0.66
xyz weight ACT into -0.29
xyz weight ACT it 0.38
xyz weight SIDE ACT -0.37
xyz weight back into 0.39
xyz weight back on 0.48
xyz weight back to 0.65
xyz weight forward SIDE -0.89
xyz weight forward onto -0.35
xyz weight forward to 0.43
xyz weight in the 0.68
xyz weight into the 0.46
xyz weight on both -0.42
xyz weight onto it -0.31
xyz weight onto the 0.63
xyz weight over to 0.36
xyz weight to the 0.74
xyz while the SIDE -0.44
xyz with the FOOT -0.55
xyz with the SIDE -0.44
xyz with the weight 0.56
xyz you ACT back 0.39
xyz you ACT forward -0.34
xyz you should be 0.65
xyz you're ACT the 0.34
xyz your HAND ACT 0.71
xyz your SIDE FOOT 0.99
xyz your SIDE HAND 0.60
xyz your back FOOT 0.45
xyz your weight ACT 0.57
xyz your weight is 0.68
xyz your weight on -0.42
xyz your weight onto -0.37
y # -1.63
y NUMBER -0.44
y SIDE -0.63
y about -0.68
y again 1.06
y ahead -0.32
y an 0.43
y and -1.30
y apart -0.81
y are 0.62
y at -0.45
y back 0.54
y begin 1.16
y behind -0.97
y beside -0.51
y big -0.38
y body 0.45
y bow -0.83
y by -0.56
y careful 0.72
y change 0.44
y count -0.37
y degrees -1.10
y diagonally 0.75
y directly 0.67
y doing 0.40
y don't -0.66
y down 0.73
y each -0.33
y equal -0.61
y even -0.80
y everything 0.56
y far -0.91
y finish 1.18
y first -0.53
y flat -0.60
y floor -0.68
y front -0.60
y gonna 0.62
y got 0.54
y half -0.39
y have -0.65
y her -0.63
y here 0.32
y hips -0.66
y horse -0.48
y how 0.49
y i 0.49
y i've -0.74
y if -0.91
y in -0.90
y instead -0.37
y inward -0.34
y inwards -0.39
y is 0.59
y its -0.60
y leave -0.51
y light -0.70
y like -0.70
y little -0.77
y make -0.39
y means 0.36
y middle -0.56
y moment 0.50
y more 1.04
y most 0.84
y movement 0.74
y my -0.45
y north 0.32
y not 0.38
y nothing 1.03
y of 0.61
y okay -0.68
y one 0.49
y only -0.55
y our -0.39
y over 0.67
y parallel 0.64
y part 0.68
y pause 0.56
y play -0.38
y pushing -0.48
y repeat 0.49
y rest -0.61
y rests -0.63
y right 0.42
y rush 0.67
y same -0.72
y shake -0.60
y share 0.60
y should 1.11
y sides 0.32
y slightly -0.49
y so -1.55
y some 1.02
y sorry -0.38
y start 0.94
y stay -0.57
y stays -0.38
y stop 0.45
y straight -0.69
y strike -0.52
y sure 1.01
y that 0.69
y that's 1.04
y them -0.29
y there 1.35
y thing 0.70
y this 1.28
y time 0.44
y to -0.77
y today -0.28
y together -0.39
y touching -0.38
y under 0.38
y waist 0.56
y water 0.54
y way -0.87
y we 0.52
y we'll -0.36
y were 0.37
y when 0.66
y where -0.40
y whip 0.55
y white 0.64
y wide 0.60
y width -0.78
y you'll -0.32
y you've -0.52
y your 0.34
y yourself 0.81
"""
