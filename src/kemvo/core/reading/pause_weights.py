"""How much each sign speaks for a pause. Made by `make pauses`; not to be edited by hand."""

TABLE = """\
 -2.51
a # -1.70
a NUMBER 1.28
a a 0.59
a again -0.73
a ahead -0.71
a and -0.50
a apart -0.55
a as -1.42
a at -0.34
a away -0.42
a back -0.51
a backwards 0.43
a be -0.43
a becomes 0.43
a behind 0.96
a bent -0.68
a beside 0.84
a between 0.38
a bit 0.74
a body -0.61
a brush 0.35
a but -0.44
a by 0.44
a chest 0.93
a corner -0.44
a counts -0.44
a degrees -0.65
a distance 0.31
a don't -0.86
a end -0.45
a equal 0.26
a exhale 0.49
a fall 0.62
a find -0.44
a finish -0.38
a first -0.96
a floor -0.93
a for 0.44
a forty-five 0.51
a forward -0.58
a from -0.54
a get 0.53
a gets 0.60
a hang 0.28
a has 0.59
a have -0.57
a heal 0.70
a height -0.45
a hello -0.26
a her -0.47
a hips 0.61
a hold -0.62
a i -0.63
a i'm -0.33
a if -0.57
a inhale -0.97
a into 0.24
a inward -0.39
a it 0.26
a its 1.19
a let -1.11
a let's -0.83
a like 0.52
a little 0.52
a low 0.55
a me -0.55
a meet 0.58
a middle -0.37
a mind 0.43
a more -0.36
a my 0.33
a need 0.81
a no 0.70
a not 0.69
a now -1.26
a o'clock -0.33
a of 0.58
a off -0.43
a okay -0.79
a onto 0.46
a our -0.53
a part -0.34
a past 0.26
a percent 0.52
a pointing 0.79
a posture -0.44
a punch -0.64
a rear 0.32
a round -0.46
a rush 0.57
a same 0.85
a say 0.53
a seconds -0.43
a section 0.53
a shake -0.29
a should -0.39
a single 0.42
a slightly 1.29
a so -1.19
a solid 0.44
a some 0.30
a stay -0.40
a strike 0.67
a that's -0.54
a the 0.59
a them 0.66
a then -0.37
a there -0.78
a they 0.47
a thing 0.28
a third -0.36
a those -0.41
a time -0.63
a times 0.39
a today -0.36
a until -0.55
a waist -0.49
a wall 1.00
a want 0.52
a wants 1.22
a ward 0.32
a we -0.81
a we're -0.81
a welcome -0.44
a when -0.62
a where -0.58
a whip 0.56
a whole 0.55
a with 0.31
a without 0.58
a yet -0.34
a you're -0.81
ab ACT HAND 0.59
ab ACT NUMBER -0.94
ab ACT a -0.38
ab ACT across 0.73
ab ACT along 0.44
ab ACT away 0.92
ab ACT backwards -0.32
ab ACT closer 0.48
ab ACT exhale -0.52
ab ACT first -0.35
ab ACT forwards -0.52
ab ACT in 0.56
ab ACT into -0.47
ab ACT inward 0.55
ab ACT it -0.55
ab ACT my -0.38
ab ACT north 0.62
ab ACT now -0.49
ab ACT one -0.68
ab ACT onto -0.44
ab ACT out 0.52
ab ACT over -0.65
ab ACT round 0.50
ab ACT sideways -0.43
ab ACT so -0.47
ab ACT the -0.58
ab ACT through 1.56
ab ACT to -0.64
ab ACT too -0.56
ab ACT with -0.55
ab ACT your -0.63
ab FOOT FOOT -0.59
ab FOOT SIDE -0.55
ab FOOT and -0.68
ab FOOT as -0.34
ab FOOT behind 0.48
ab FOOT completely 0.99
ab FOOT first 1.23
ab FOOT flat 0.35
ab FOOT front 0.43
ab FOOT in 0.87
ab FOOT is -0.92
ab FOOT now 0.39
ab FOOT okay 0.33
ab FOOT parallel -0.53
ab FOOT so -0.55
ab FOOT stays 0.65
ab FOOT straight 0.56
ab FOOT then -0.40
ab FOOT to -0.37
ab FOOT touching 1.00
ab FOOT until -0.32
ab FOOT up 0.35
ab FOOT while -0.40
ab FOOT will -0.32
ab HAND up -0.22
ab HAND width 0.84
ab NUMBER ACT -0.51
ab NUMBER NUMBER 1.08
ab NUMBER breaths 1.15
ab NUMBER degrees 0.16
ab NUMBER is -0.38
ab NUMBER o'clock 0.81
ab NUMBER one 0.66
ab NUMBER seconds 0.25
ab NUMBER thirds 0.32
ab NUMBER times 0.33
ab SIDE ACT -0.37
ab SIDE HAND 0.53
ab SIDE NUMBER 0.81
ab SIDE and -0.45
ab SIDE corner 0.97
ab SIDE diagonal 1.31
ab SIDE exhale -0.49
ab SIDE front 0.41
ab SIDE hip 0.79
ab SIDE in 0.74
ab SIDE side 0.61
ab SIDE weight -0.51
ab a ACT 0.57
ab a big -0.40
ab a breath 0.47
ab a low -0.64
ab a small -0.37
ab about NUMBER 0.56
ab an ACT -0.94
ab and ACT 1.38
ab and NUMBER 0.72
ab and SIDE 0.77
ab and again -0.75
ab and breathe 0.74
ab and down 1.01
ab and exhale 0.98
ab and forward -0.46
ab and it -0.70
ab and let -0.35
ab and rest 0.47
ab and then -0.38
ab and we -0.44
ab and you -0.77
ab as you -0.98
ab back ACT -0.78
ab back FOOT 0.37
ab back down 0.98
ab back in 0.50
ab becomes ACT 0.66
ab begin with 0.63
ab behind you 1.46
ab beside SIDE 0.38
ab beside it 0.52
ab big ACT 0.27
ab bit now -0.59
ab both FOOT 0.60
ab both HAND -0.26
ab breath out 0.85
ab brush FOOT -0.49
ab by ACT -0.45
ab can ACT 0.33
ab cloud HAND 0.42
ab completely ACT -0.26
ab corner FOOT 0.34
ab do that 0.44
ab don't ACT -0.33
ab down ACT -0.40
ab down FOOT -0.38
ab down first 1.36
ab down flat 0.49
ab down in -0.30
ab down now -0.34
ab each FOOT 0.97
ab end up -0.40
ab even ACT 0.47
ab exhale ACT 0.82
ab forty-five degrees 0.56
ab forward SIDE 0.72
ab forward again 0.56
ab front ACT -0.20
ab front FOOT -0.62
ab front corner 0.48
ab half ACT -0.30
ab half way 0.50
ab hip height 0.41
ab hip width 0.37
ab horse stance 0.56
ab i'm ACT -0.41
ab in HAND -0.38
ab in NUMBER 0.54
ab in front 1.28
ab in it -0.42
ab in now -0.28
ab inhale ACT -0.38
ab into it 0.93
ab is ACT 0.27
ab is called -0.36
ab is comfortable 1.19
ab is in -0.60
ab it NUMBER -0.52
ab it breathe 0.64
ab it down 0.27
ab it forward 0.67
ab it in 0.84
ab it is 1.68
ab it out -0.49
ab it over 0.43
ab it straight -0.35
ab it up -0.35
ab its FOOT 0.64
ab keep it -0.37
ab last one -0.58
ab let it -0.75
ab let me -0.41
ab let them -0.37
ab like you're -0.39
ab little bit 0.63
ab make sure -0.36
ab meet it 0.58
ab my HAND 0.53
ab my weight -0.40
ab need to 0.37
ab next ACT -0.40
ab no weight 0.96
ab not too -0.34
ab now SIDE 0.39
ab of NUMBER 0.93
ab of you 1.43
ab on it 0.70
ab on top 0.73
ab one ACT 0.81
ab one FOOT -0.63
ab onto it 0.69
ab other FOOT 1.44
ab other side -0.24
ab our FOOT -0.43
ab out FOOT -0.41
ab out NUMBER 0.94
ab out SIDE 0.94
ab out breath 1.21
ab out now -0.56
ab out with -0.35
ab percent in -0.39
ab percent of -0.34
ab right back 0.38
ab same weight 1.24
ab side ACT 0.41
ab so SIDE 0.63
ab stance SIDE -0.47
ab start with 0.68
ab straight ahead 0.58
ab straight back -0.49
ab that FOOT 1.02
ab that again 0.54
ab that way 0.81
ab the ACT 1.04
ab the HAND -0.73
ab the corner 0.40
ab the door 0.74
ab the first -1.08
ab the floor 0.84
ab the next -0.34
ab the room 0.57
ab the same -0.52
ab the side 0.53
ab the waist 0.43
ab the way -0.32
ab the weight -0.87
ab the whole -0.36
ab the window 0.47
ab then FOOT 1.07
ab then you -0.41
ab they ACT 0.84
ab third one -0.34
ab to ACT 0.75
ab to HAND -0.52
ab to SIDE 0.38
ab to finish 0.43
ab to it 0.84
ab to start 0.41
ab to you 0.96
ab together ACT 0.30
ab up beside 0.41
ab up in -0.34
ab wants to 1.22
ab ward off 0.32
ab way round -0.35
ab weight ACT 0.55
ab weight SIDE -0.86
ab weight back -0.21
ab weight in -0.59
ab weight on -0.38
ab weight onto -0.35
ab weight out 0.54
ab weight over 0.72
ab weight stays -0.39
ab when you -0.44
ab where it -0.45
ab white crane 0.49
ab whole FOOT 0.25
ab with it 0.35
ab with you 0.87
ab you ACT 1.19
ab you are 0.50
ab you can 0.76
ab you could -0.45
ab you exhale -0.51
ab you're ACT -0.62
ab your ACT -0.41
ab your FOOT -0.48
ab your HAND 0.67
ab your chair -0.64
ab your weight 0.28
abx ACT ACT ACT -0.60
abx ACT ACT SIDE -0.34
abx ACT ACT the -0.27
abx ACT ACT your 0.73
abx ACT SIDE ACT -0.78
abx ACT SIDE NUMBER 0.56
abx ACT SIDE and -1.07
abx ACT back ACT -0.77
abx ACT back FOOT 0.69
abx ACT back SIDE -0.86
abx ACT down and -0.38
abx ACT down next 0.39
abx ACT down on 0.60
abx ACT forward ACT -1.19
abx ACT forward again -0.43
abx ACT forward and -0.74
abx ACT in NUMBER -0.39
abx ACT in and -0.38
abx ACT in the -0.33
abx ACT it ACT 1.21
abx ACT it and -0.59
abx ACT it back -0.53
abx ACT one ACT -0.39
abx ACT out ACT -0.40
abx ACT out SIDE -0.32
abx ACT out and 0.70
abx ACT out weight 0.38
abx ACT out with -0.39
abx ACT through the -0.44
abx ACT up ACT 1.28
abx ACT up breathe -0.96
abx ACT up the -1.26
abx ACT up your -0.56
abx ACT your weight -0.29
abx FOOT ACT NUMBER -0.38
abx FOOT ACT and -1.15
abx FOOT ACT back 0.36
abx FOOT ACT half -0.42
abx FOOT ACT in -0.23
abx FOOT ACT the 0.58
abx FOOT ACT up -0.29
abx FOOT ACT your -0.34
abx FOOT NUMBER ACT -0.93
abx FOOT again and -0.78
abx FOOT down first -0.36
abx FOOT first ACT 0.55
abx FOOT first and -0.67
abx FOOT first weight -0.51
abx FOOT in ACT -0.88
abx FOOT in FOOT -0.31
abx FOOT in and -0.34
abx FOOT in half -0.34
abx FOOT in so 0.47
abx FOOT in the 1.27
abx FOOT in to -0.31
abx FOOT is now -0.44
abx FOOT out ACT -0.40
abx FOOT out NUMBER -0.48
abx FOOT out and -0.64
abx FOOT out weight -0.48
abx FOOT together HAND -0.45
abx FOOT together and -1.11
abx FOOT up ACT -0.53
abx FOOT up and -0.60
abx FOOT up half -0.52
abx HAND ACT SIDE 1.00
abx HAND ACT and -0.62
abx HAND ACT breathe -0.80
abx HAND width apart -0.59
abx NUMBER NUMBER ACT 0.58
abx NUMBER NUMBER degrees -0.79
abx NUMBER NUMBER one -0.29
abx NUMBER degrees and -0.40
abx NUMBER degrees the 0.75
abx NUMBER o'clock ACT 0.29
abx NUMBER percent forward -0.19
abx NUMBER percent of -0.27
abx NUMBER percent the 0.76
abx NUMBER seconds ACT 0.42
abx NUMBER seconds then -0.42
abx SIDE ACT the -0.30
abx SIDE FOOT ACT -0.63
abx SIDE FOOT FOOT 0.80
abx SIDE FOOT all -0.66
abx SIDE FOOT back -0.70
abx SIDE FOOT can -0.35
abx SIDE FOOT completely -0.33
abx SIDE FOOT for -0.28
abx SIDE FOOT half -0.30
abx SIDE FOOT in -0.83
abx SIDE FOOT is -0.38
abx SIDE FOOT now -0.33
abx SIDE FOOT okay -0.45
abx SIDE FOOT out -0.80
abx SIDE FOOT so 1.03
abx SIDE FOOT that 0.51
abx SIDE FOOT until -0.34
abx SIDE FOOT your 0.37
abx SIDE HAND ACT -0.68
abx SIDE HAND brushes -0.45
abx SIDE SIDE SIDE -0.79
abx SIDE again ACT -0.37
abx SIDE corner and -0.63
abx a ACT ACT -0.62
abx a small ACT -0.37
abx and ACT NUMBER -0.43
abx and ACT again -0.32
abx and ACT all -0.39
abx and ACT and 0.72
abx and ACT it -0.68
abx and ACT my -0.63
abx and ACT on -0.28
abx and ACT the -0.84
abx and ACT with -0.40
abx and it ACT -0.42
abx and you ACT -0.57
abx as you ACT -0.50
abx back ACT SIDE -0.36
abx back FOOT ACT -0.89
abx back FOOT the -0.59
abx behind you ACT 0.51
abx both FOOT ACT -0.30
abx both HAND ACT -0.32
abx breathe in ACT -0.68
abx breathe in HAND 0.26
abx breathe in and 1.19
abx breathe in the 0.57
abx breathe in when -0.49
abx breathe out and -0.97
abx breathe out as -0.57
abx breathe out now 0.57
abx breathe out when -0.76
abx brush FOOT SIDE -0.45
abx for NUMBER seconds -0.33
abx i ACT my -0.50
abx in ACT SIDE 0.26
abx in HAND ACT -0.30
abx in front ACT 0.40
abx in front and -0.52
abx in front of -0.46
abx in it ACT 0.62
abx into it ACT 0.45
abx into it and -1.23
abx it down ACT -0.49
abx its FOOT ACT 0.42
abx let it ACT -0.67
abx let them ACT -0.36
abx my SIDE FOOT -0.39
abx my SIDE and 0.33
abx onto it SIDE 0.33
abx onto it and -0.40
abx onto it the 0.45
abx that FOOT ACT -0.43
abx that FOOT and -0.44
abx the ACT ACT 0.36
abx the ACT FOOT -0.75
abx the ACT and 0.46
abx the FOOT are -0.36
abx the FOOT let 0.34
abx the FOOT now 0.44
abx the FOOT of -0.34
abx the FOOT out 0.56
abx the FOOT so -0.32
abx the FOOT the 0.70
abx the FOOT touching -0.36
abx the HAND ACT -0.97
abx the HAND and -0.34
abx the SIDE FOOT -0.98
abx the SIDE HAND -1.24
abx the SIDE and -0.74
abx the SIDE as -0.48
abx the SIDE corner -0.71
abx the SIDE diagonal -0.43
abx the SIDE front -0.47
abx the SIDE hip -0.47
abx the SIDE let -1.04
abx the SIDE side -0.59
abx the SIDE until -0.35
abx the SIDE your 0.97
abx the back ACT 1.04
abx the back FOOT -0.75
abx the breath ACT -0.66
abx the floor ACT 0.41
abx the floor and -0.62
abx the front FOOT -1.06
abx the front and 0.64
abx the other side -0.38
abx the side ACT 0.87
abx the side about -0.32
abx the side and -0.67
abx the weight ACT -0.77
abx the weight on 0.68
abx then FOOT ACT 0.58
abx then you ACT -0.37
abx to ACT so 1.12
abx to ACT the -0.48
abx to SIDE FOOT 0.38
abx up ACT SIDE 0.44
abx weight SIDE ACT -0.44
abx weight forward SIDE 0.50
abx width apart and -0.83
abx you ACT ACT 0.26
abx you ACT back -0.37
abx you ACT on 0.58
abx you ACT the 0.36
abx you can ACT -1.14
abx you could ACT -0.45
abx your FOOT ACT -0.33
abx your SIDE ACT 0.39
abx your SIDE FOOT -0.62
abx your SIDE HAND -0.51
abx your weight ACT -0.25
abx your weight on -0.38
b FOOT 0.97
b HAND 0.99
b NUMBER -0.71
b SIDE 1.36
b a -2.37
b about -0.94
b across 0.51
b after -0.49
b again 0.77
b ahead 1.30
b all -0.99
b altogether 1.08
b an -0.55
b and -4.17
b apart 1.82
b are -0.50
b arrives 0.54
b as -1.97
b at -0.82
b away 0.92
b be -0.47
b because -0.78
b becomes -0.45
b begin -0.48
b behind 0.32
b bent 0.43
b beside -0.60
b between -0.57
b big -0.90
b body -0.45
b both -0.99
b breath 1.23
b breathe 0.76
b breaths 1.35
b brush -0.63
b but -0.58
b by -1.25
b called -0.40
b chest 0.50
b closer 0.48
b cloud 0.35
b comfortable 1.15
b completely 0.63
b corner 1.71
b could -0.45
b degrees 0.67
b diagonal 1.11
b diagonally 0.50
b do -1.09
b don't -1.56
b door 0.74
b down 1.21
b each -0.43
b ear 1.10
b east 1.25
b equally 1.76
b even 1.60
b evenly 1.11
b everything -0.41
b exhale -0.49
b far 0.60
b feel -0.67
b finish -0.40
b first 0.72
b flat 0.66
b floor 0.84
b for -1.55
b forward 1.12
b forwards 0.97
b fridge 0.86
b from -0.63
b front 1.18
b full -0.61
b fully -0.40
b get -0.35
b gonna -0.37
b got -0.60
b half -0.61
b hang 0.98
b have -0.49
b height 1.21
b her -0.67
b here 1.48
b high 1.50
b hip 0.64
b hold -1.03
b home 0.51
b i -2.03
b i'm -1.38
b if -1.32
b in 0.28
b inhale -1.53
b into -1.62
b inward 0.30
b inwards 1.22
b is -1.32
b it 1.33
b it's -0.71
b its -0.65
b keep -1.27
b last -0.55
b lesson -0.46
b let -1.59
b let's -1.35
b level 1.28
b light 0.91
b like -0.45
b line 1.14
b low 0.31
b lute 0.36
b make -0.76
b mane 0.69
b me 0.75
b means -0.56
b middle 0.96
b more -0.44
b morning 0.47
b my -1.79
b next -1.13
b no -1.02
b north 0.87
b nose 0.53
b not -0.95
b nothing -0.41
b now -1.00
b o'clock 0.79
b of -2.09
b off -0.38
b ok -1.22
b okay -1.50
b on -1.79
b one -0.49
b only -0.76
b onto -1.48
b or -0.81
b our -1.08
b out 0.84
b outward 0.35
b outwards 1.31
b parallel 0.73
b past -0.74
b pause -0.39
b people -0.79
b posture -0.55
b punch 0.90
b pushing 0.67
b quarter -0.44
b rest 0.72
b room 1.27
b round 0.37
b same -0.77
b seconds 0.58
b section 0.69
b see -0.44
b she -1.11
b should -0.56
b side 1.29
b sides 1.51
b sideways -0.43
b single -0.36
b small -0.58
b so -2.75
b soft 0.84
b solid 0.75
b sorry -0.58
b space 0.59
b stance 0.79
b straight 1.48
b sure -0.36
b tall 0.31
b that -0.70
b that's -1.16
b the -3.88
b them 0.74
b then -2.59
b there 1.41
b they -1.23
b thirds 0.32
b this -0.79
b till -0.36
b to -2.09
b today 0.41
b together 1.45
b top 0.45
b touching 1.51
b towards -0.37
b until -1.03
b up 0.62
b waist -0.53
b wait -0.38
b wall 1.35
b want -0.38
b was 0.62
b water -0.90
b we -1.98
b we'll -0.84
b we're -1.34
b week 0.56
b were -0.33
b what -0.90
b when -1.11
b where -0.71
b which -0.42
b while -0.61
b white -0.48
b whole -0.53
b wide 1.01
b width 1.62
b will -0.66
b window 0.44
b with -1.43
b without -0.96
b yet 1.53
b you -0.54
b you're -1.59
b you've -0.30
b your -2.77
bx ACT ACT 1.39
bx ACT HAND 0.71
bx ACT NUMBER -0.38
bx ACT SIDE -0.83
bx ACT across -0.41
bx ACT again 0.33
bx ACT all -0.90
bx ACT as 0.47
bx ACT back -1.81
bx ACT backwards -0.28
bx ACT breathe 0.66
bx ACT down -0.57
bx ACT exhale 0.64
bx ACT forward -1.24
bx ACT forwards -0.40
bx ACT from -0.44
bx ACT i 0.67
bx ACT in -0.50
bx ACT into -0.49
bx ACT it -1.50
bx ACT keep 0.46
bx ACT my -0.77
bx ACT now 1.03
bx ACT onto -0.42
bx ACT out -0.79
bx ACT over -0.55
bx ACT so 0.63
bx ACT straight -0.32
bx ACT that -0.61
bx ACT the -1.81
bx ACT them -0.65
bx ACT then 0.72
bx ACT those 0.44
bx ACT through -0.53
bx ACT up -1.07
bx ACT with 0.53
bx ACT your -1.90
bx FOOT ACT -0.99
bx FOOT FOOT 0.58
bx FOOT NUMBER 0.80
bx FOOT SIDE 0.38
bx FOOT a -0.38
bx FOOT again -0.60
bx FOOT are -0.65
bx FOOT at -0.39
bx FOOT back -0.61
bx FOOT bend 0.35
bx FOOT can -0.35
bx FOOT completely -0.46
bx FOOT don't 0.28
bx FOOT down -0.67
bx FOOT exhale 0.71
bx FOOT first -1.67
bx FOOT flat -0.28
bx FOOT for -0.28
bx FOOT half -0.38
bx FOOT hold 0.39
bx FOOT i 0.36
bx FOOT is -0.68
bx FOOT keep 0.89
bx FOOT let 0.84
bx FOOT my 0.89
bx FOOT not -0.37
bx FOOT now -0.49
bx FOOT of -0.39
bx FOOT on -0.45
bx FOOT out -0.52
bx FOOT outward -0.43
bx FOOT over -0.35
bx FOOT parallel -0.55
bx FOOT pointing -0.33
bx FOOT same -0.44
bx FOOT should -0.35
bx FOOT stays -0.47
bx FOOT straight -0.36
bx FOOT that 0.91
bx FOOT that's 0.57
bx FOOT the 1.80
bx FOOT then -0.73
bx FOOT through -0.31
bx FOOT together -0.91
bx FOOT touching -0.67
bx FOOT up -0.67
bx FOOT we 0.75
bx FOOT while -0.61
bx FOOT without -0.30
bx FOOT you 0.94
bx FOOT your 0.92
bx HAND ACT -1.61
bx HAND brushes -0.45
bx HAND on -0.38
bx HAND so 0.45
bx HAND up -0.43
bx HAND width -0.69
bx HAND with 0.79
bx NUMBER ACT -0.38
bx NUMBER NUMBER -1.56
bx NUMBER SIDE 0.33
bx NUMBER and -0.54
bx NUMBER counts -0.43
bx NUMBER degrees -1.00
bx NUMBER o'clock -0.30
bx NUMBER one -0.29
bx NUMBER percent -0.91
bx NUMBER seconds -0.34
bx NUMBER the 0.41
bx SIDE FOOT -2.94
bx SIDE HAND -1.89
bx SIDE SIDE 0.34
bx SIDE and -0.79
bx SIDE as -0.56
bx SIDE breathe 0.52
bx SIDE corner -0.75
bx SIDE diagonal -0.43
bx SIDE exhale 0.47
bx SIDE front -0.65
bx SIDE hip -0.58
bx SIDE let's -0.65
bx SIDE side -0.95
bx SIDE so 0.45
bx SIDE the 1.16
bx SIDE then -1.03
bx SIDE until -0.35
bx SIDE your 0.55
bx a ACT -0.52
bx about NUMBER -0.70
bx again ACT -0.43
bx again now 0.61
bx all the -0.55
bx an ACT -0.38
bx and ACT -1.29
bx and let -0.40
bx and then -0.42
bx apart and -0.44
bx as the -0.52
bx as you -0.41
bx at the -0.38
bx away from -0.63
bx back ACT 0.76
bx back FOOT -0.58
bx back the 1.12
bx back to -0.26
bx back weight 0.54
bx becomes ACT -0.40
bx behind ACT 0.96
bx behind and 0.78
bx behind the -0.49
bx behind you -0.93
bx bend the -0.63
bx beside SIDE 0.48
bx beside the -0.53
bx big ACT -0.42
bx bit ACT -0.33
bx bit now 0.59
bx body ACT -0.43
bx both FOOT -0.57
bx both HAND -0.32
bx bow stance -0.49
bx breath ACT -0.41
bx breath in -0.36
bx breathe in -0.61
bx breathe out -0.68
bx by ACT -0.57
bx can ACT -1.84
bx cloud HAND -0.48
bx corner ACT -0.72
bx corner NUMBER 0.56
bx corner and -0.69
bx corner weight 0.42
bx corner with -0.37
bx could ACT -0.45
bx degrees and -0.40
bx degrees the 1.20
bx don't ACT -0.75
bx don't let -0.48
bx down ACT 0.69
bx down FOOT 0.68
bx down and -0.36
bx down behind -0.47
bx down breathe -0.66
bx down first -0.78
bx down now 0.52
bx exhale and -0.40
bx feel the -0.32
bx first NUMBER 0.77
bx first and -0.40
bx first then -1.55
bx flat ACT 0.96
bx floor ACT 0.41
bx floor and -0.62
bx for NUMBER -0.45
bx forward ACT 0.47
bx forward FOOT 1.09
bx forward NUMBER -0.58
bx forward again -0.67
bx forward and -1.63
bx forward as -0.48
bx forward the 0.74
bx forward weight -0.70
bx forward with -0.33
bx from the -0.71
bx front ACT 0.82
bx front FOOT -1.20
bx front of -0.46
bx half ACT -1.26
bx height ACT 0.87
bx her weight -0.55
bx here ACT 0.44
bx hip ACT -0.44
bx hips ACT -0.47
bx i ACT -1.19
bx i'm ACT -0.93
bx if you -0.42
bx in ACT 0.63
bx in FOOT -0.60
bx in NUMBER -0.58
bx in a -0.44
bx in front -0.96
bx in half -0.51
bx in i -0.36
bx in inhale -0.59
bx in my -0.45
bx in now 0.60
bx in on 0.78
bx in the -0.61
bx in to -0.45
bx in when -0.58
bx in your -0.53
bx inhale ACT -0.93
bx into the -0.66
bx is ACT -0.94
bx is now -0.31
bx is the -0.33
bx it ACT -0.66
bx it FOOT -0.71
bx it SIDE 0.27
bx it all -0.69
bx it and -0.35
bx it back -0.58
bx it breathe 0.65
bx it down -0.39
bx it over -0.65
bx it so -0.45
bx it the 1.43
bx it then -0.62
bx it there -0.37
bx it to 1.38
bx it with 0.49
bx its FOOT -0.46
bx let the -0.77
bx let your -0.45
bx let's ACT -0.59
bx like you're -0.41
bx middle HAND 0.52
bx my SIDE -0.74
bx my weight -0.49
bx no weight -0.46
bx now ACT -1.27
bx now FOOT 0.69
bx now i -0.46
bx now i'm -0.48
bx now so 0.65
bx now the -0.71
bx now we -0.55
bx now we're -0.44
bx o'clock ACT 0.29
bx of the -0.62
bx off the -0.71
bx on the -1.07
bx on your -0.37
bx one ACT -0.70
bx one we -0.35
bx onto the -0.75
bx other side -0.38
bx our weight -0.59
bx out ACT 0.72
bx out FOOT 0.59
bx out NUMBER -0.86
bx out SIDE -0.55
bx out as -0.85
bx out breath -0.51
bx out now 0.93
bx out the 0.56
bx out to -0.54
bx out when -0.57
bx out wide -0.31
bx out with -0.44
bx over and 0.33
bx over the -0.68
bx over your -0.48
bx part NUMBER -0.60
bx past the -0.49
bx percent forward -0.19
bx percent of -0.27
bx percent the 0.76
bx quarter ACT -0.44
bx rear FOOT -0.43
bx seconds ACT 0.42
bx she ACT -0.53
bx side about -0.32
bx side and -0.68
bx side so -0.69
bx side the 1.09
bx single whip -0.31
bx small ACT -0.58
bx so ACT -0.69
bx so now -0.42
bx soft ACT 0.31
bx stance SIDE -0.58
bx stance and 0.39
bx stance so -0.56
bx straight ahead -0.58
bx that FOOT -0.49
bx that the -0.39
bx the FOOT -0.36
bx the SIDE -1.16
bx the weight -0.71
bx then ACT -1.05
bx there for -0.56
bx they ACT -0.63
bx thing ACT -0.62
bx through and -0.69
bx through the -0.87
bx to ACT -1.34
bx to finish -0.35
bx to the -1.03
bx together HAND -0.45
bx together and -1.37
bx together to -0.33
bx towards the -0.37
bx under the 0.41
bx up SIDE -0.23
bx up and -0.31
bx up as -0.42
bx up breathe -0.54
bx up exhale -0.42
bx up so 1.22
bx up the -0.65
bx up to -0.44
bx up your -0.56
bx waist ACT -0.51
bx waist SIDE -0.34
bx way ACT 0.80
bx we ACT -0.97
bx we're ACT -1.06
bx weight ACT -1.59
bx weight SIDE -0.44
bx weight and 1.00
bx weight back -0.95
bx weight even -0.57
bx weight forward -0.42
bx weight in -0.36
bx weight over -0.43
bx while the -0.46
bx width apart -0.88
bx will ACT -0.44
bx with the -1.10
bx with your -0.57
bx you and 0.50
bx you breathe -0.66
bx you can -0.34
bx you exhale 0.38
bx you're ACT -0.85
bx your SIDE -0.80
bx your weight -0.98
bxy ACT ACT SIDE 0.95
bxy ACT ACT it 0.62
bxy ACT ACT the 0.42
bxy ACT ACT to 0.48
bxy ACT ACT with -1.65
bxy ACT ACT your -0.54
bxy ACT NUMBER percent -0.84
bxy ACT SIDE ACT -0.31
bxy ACT SIDE FOOT 0.71
bxy ACT all of -0.35
bxy ACT all your -0.49
bxy ACT and the 0.39
bxy ACT as the 0.91
bxy ACT back ACT 1.10
bxy ACT back on -0.29
bxy ACT forward again -0.39
bxy ACT from the -0.23
bxy ACT it down -0.45
bxy ACT my weight -0.38
bxy ACT on the 0.79
bxy ACT so ACT -0.54
bxy ACT the ACT 0.66
bxy ACT the HAND -0.40
bxy ACT the SIDE -0.80
bxy ACT the back -0.48
bxy ACT the weight -0.74
bxy ACT those FOOT -0.35
bxy ACT to ACT -0.26
bxy ACT with your -0.41
bxy ACT your HAND 0.57
bxy ACT your SIDE -1.12
bxy FOOT ACT ACT 0.59
bxy FOOT ACT NUMBER 1.27
bxy FOOT ACT SIDE 0.74
bxy FOOT ACT and 0.56
bxy FOOT ACT away -0.37
bxy FOOT ACT down -0.62
bxy FOOT ACT first -0.37
bxy FOOT ACT forward 0.51
bxy FOOT ACT in -0.32
bxy FOOT ACT into 1.10
bxy FOOT ACT inward -0.34
bxy FOOT ACT it 0.70
bxy FOOT ACT off -0.64
bxy FOOT ACT onto 0.84
bxy FOOT ACT out -0.30
bxy FOOT ACT over -0.33
bxy FOOT ACT the 0.96
bxy FOOT ACT them 0.56
bxy FOOT ACT your 1.86
bxy FOOT FOOT first -0.40
bxy FOOT NUMBER ACT 0.92
bxy FOOT NUMBER degrees -0.33
bxy FOOT SIDE FOOT 0.51
bxy FOOT and ACT -0.95
bxy FOOT and as 0.41
bxy FOOT and i 0.50
bxy FOOT and let -1.07
bxy FOOT and then 0.18
bxy FOOT and you -0.46
bxy FOOT back ACT -0.46
bxy FOOT breathe out -0.46
bxy FOOT can ACT -0.35
bxy FOOT first ACT -0.47
bxy FOOT half a -0.32
bxy FOOT i ACT 0.69
bxy FOOT in the 0.78
bxy FOOT my SIDE 0.47
bxy FOOT now ACT 0.58
bxy FOOT on the -0.37
bxy FOOT out to 0.37
bxy FOOT so it's -0.71
bxy FOOT so that -0.51
bxy FOOT the FOOT -0.33
bxy FOOT the weight 0.69
bxy FOOT then ACT -0.88
bxy FOOT then FOOT -0.51
bxy FOOT then the -0.32
bxy FOOT to ACT -0.43
bxy FOOT up ACT 0.42
bxy FOOT we ACT 0.75
bxy HAND ACT ACT 0.32
bxy HAND ACT SIDE -0.31
bxy HAND ACT back -0.45
bxy HAND ACT breathe -0.32
bxy HAND ACT down -0.42
bxy HAND ACT forward -0.43
bxy HAND ACT out 0.94
bxy HAND ACT up -1.06
bxy HAND and ACT -0.49
bxy HAND breathe out -0.52
bxy NUMBER ACT SIDE 0.66
bxy NUMBER ACT back 0.47
bxy NUMBER ACT your -1.21
bxy NUMBER NUMBER ACT -0.29
bxy NUMBER the SIDE 0.49
bxy SIDE ACT SIDE -1.26
bxy SIDE ACT forward 0.62
bxy SIDE ACT it -1.16
bxy SIDE ACT onto 0.46
bxy SIDE ACT out -0.40
bxy SIDE ACT the -0.74
bxy SIDE ACT to 0.82
bxy SIDE ACT with 0.56
bxy SIDE ACT your -0.61
bxy SIDE FOOT ACT -0.76
bxy SIDE FOOT back -0.52
bxy SIDE FOOT in -0.25
bxy SIDE FOOT on 0.76
bxy SIDE FOOT out -0.67
bxy SIDE FOOT parallel 2.01
bxy SIDE FOOT up -0.35
bxy SIDE HAND ACT -1.04
bxy SIDE NUMBER percent -0.50
bxy SIDE SIDE FOOT -0.75
bxy SIDE SIDE SIDE -0.50
bxy SIDE and ACT -0.43
bxy SIDE and i -0.73
bxy SIDE and let 0.29
bxy SIDE as the -0.72
bxy SIDE as you 0.33
bxy SIDE let the -0.38
bxy SIDE with your 0.38
bxy all the weight -0.39
bxy and ACT the -0.33
bxy back ACT SIDE -0.52
bxy back ACT the -1.20
bxy back ACT your 0.49
bxy back FOOT ACT -0.51
bxy back FOOT in 0.84
bxy back and the 0.70
bxy behind the SIDE -0.44
bxy bend the SIDE -0.37
bxy beside the SIDE -0.42
bxy body ACT to -0.38
bxy by ACT the -0.46
bxy can ACT the -0.37
bxy corner ACT the 0.49
bxy corner FOOT first -0.48
bxy corner and ACT -0.90
bxy degrees ACT all 0.34
bxy down ACT SIDE -0.58
bxy down ACT your 0.35
bxy down and ACT -1.28
bxy down next to -0.33
bxy first and ACT -0.23
bxy first then the -0.93
bxy first weight ACT 0.86
bxy floor ACT the 0.35
bxy forward and ACT -0.54
bxy half ACT with -0.59
bxy in ACT back 0.38
bxy in HAND ACT -0.40
bxy in HAND down 0.65
bxy in and ACT -0.91
bxy in as you 0.44
bxy in front of -0.36
bxy in it ACT 0.56
bxy in my SIDE -0.37
bxy in the back 0.34
bxy in when you -0.40
bxy in your SIDE -0.38
bxy into the SIDE -0.62
bxy it ACT out -0.54
bxy it ACT the 0.43
bxy it SIDE FOOT 0.27
bxy it the SIDE 0.60
bxy it with the 0.62
bxy my SIDE FOOT -0.63
bxy now we ACT -0.33
bxy on the SIDE -0.50
bxy on your SIDE -0.33
bxy onto the SIDE -0.62
bxy out ACT back 0.69
bxy out as you -0.40
bxy out the SIDE -0.49
bxy out when you -0.53
bxy over the SIDE -0.51
bxy past the SIDE -0.35
bxy percent the SIDE 0.60
bxy side ACT back -0.72
bxy side ACT the 0.39
bxy side the SIDE 0.73
bxy small ACT to -0.34
bxy the SIDE FOOT -0.95
bxy through and ACT -0.86
bxy through the FOOT -0.31
bxy to ACT the -0.36
bxy to the SIDE -0.61
bxy up ACT SIDE -0.31
bxy up and ACT -0.36
bxy up and down 0.46
bxy up and the -0.44
bxy up breathe in -0.63
bxy up half a -0.53
bxy up your SIDE -0.53
bxy waist ACT to -0.42
bxy we ACT back 0.55
bxy we ACT the -0.48
bxy weight ACT back -0.80
bxy weight ACT forward -0.41
bxy weight ACT into -0.81
bxy weight ACT onto -0.52
bxy weight ACT over -0.38
bxy weight ACT to -0.42
bxy weight on the 0.63
bxy with the SIDE -0.68
bxy you ACT on -0.63
bxy you ACT the -0.56
bxy you ACT your -0.64
bxy you and ACT 0.50
bxy you breathe in -0.50
bxy your SIDE FOOT -0.71
x ACT 1.22
x FOOT -0.80
x NUMBER 0.34
x SIDE -0.52
x a -1.30
x about -1.51
x across -0.79
x again -0.40
x ahead -0.65
x all 0.27
x along -0.56
x altogether -0.30
x and 0.76
x apart -0.86
x are -1.19
x around -0.47
x arrives -0.28
x as -0.38
x at -1.24
x away -0.86
x back -0.37
x backwards -0.40
x be 0.31
x becomes -0.70
x before -0.77
x begin 0.56
x behind -1.74
x bend 0.43
x bent -0.45
x beside -1.41
x between -0.68
x big 1.00
x bit -0.98
x body 0.42
x both 0.68
x breath -0.32
x breathe 1.48
x breaths -0.61
x brush 1.34
x brushes -0.45
x but -0.96
x by -1.58
x careful 1.34
x cloud 0.35
x completely -0.57
x corner -1.44
x count 0.43
x counts -0.44
x degrees -1.14
x diagonal -0.51
x diagonally -0.33
x directly -0.29
x do 0.47
x doing -0.46
x don't 1.46
x down -2.36
x ear -0.30
x equally -0.67
x even 1.06
x evenly -0.69
x exhale 0.93
x far -0.32
x finish 2.04
x flat -0.75
x for -0.76
x forty-five -0.55
x forward -1.34
x forwards -0.61
x front -0.89
x fully -0.39
x get 0.66
x gets -0.44
x got -0.34
x half 0.73
x has -0.49
x have 0.90
x heal 0.59
x height -0.86
x here -0.56
x high -0.51
x hip -0.94
x hold 1.87
x home -0.59
x i 1.60
x i'm 1.48
x if 1.74
x in -2.23
x inhale 2.33
x into -2.03
x inward -0.43
x inwards -0.68
x is -2.09
x it -0.85
x its -0.41
x keep 1.08
x last 1.48
x let 1.84
x let's 1.58
x level -0.46
x light -0.41
x like -0.74
x line -0.45
x little -0.49
x look 0.99
x make 0.74
x me -0.54
x means -0.35
x mind 0.39
x more -0.43
x movement -0.42
x my 1.05
x next 1.17
x no 0.34
x not -0.47
x nothing 0.38
x now 2.64
x o'clock -0.32
x of -2.27
x off -0.51
x okay 3.97
x on -1.54
x one -0.56
x onto -1.87
x or 0.47
x other 0.36
x our -0.56
x out -2.29
x outward -0.46
x outwards -0.54
x over -0.65
x parallel -0.80
x part 1.07
x past -0.48
x pause 1.46
x percent -0.91
x play 1.19
x pointing -0.35
x posture 0.91
x punch 0.56
x quarter 0.47
x rear 0.32
x release 0.95
x repeat 1.31
x rest 0.39
x resting -0.53
x rests -0.59
x right -0.32
x round -0.96
x seconds -0.44
x shake 0.59
x she 1.54
x should -0.63
x side -0.78
x single 0.48
x slightly -0.52
x soft -0.56
x soften 1.34
x solid -0.57
x sorry 0.35
x stance -0.63
x stay 1.46
x stays -0.84
x stop 0.43
x straight -1.17
x strike 0.30
x tall -0.54
x that's 1.92
x them -0.88
x then 2.14
x there -1.23
x there's 1.46
x thing -0.42
x those 0.69
x through -1.36
x till -0.40
x times -0.37
x to -1.67
x today -0.59
x together -1.22
x too -0.74
x touching -0.80
x towards -0.55
x under -0.89
x until -1.11
x up -1.63
x waist 0.31
x wait 0.85
x wall -0.75
x was -0.32
x way -0.57
x we 0.78
x we'll 1.83
x we're 0.97
x weight 0.94
x what 1.31
x when 1.78
x where -0.67
x which -0.58
x while -0.38
x whip -0.31
x wide -0.61
x width -1.10
x will -0.51
x with -1.82
x without -0.55
x yet -0.72
x you 0.37
x you'll 1.08
x you're 0.35
x you've 0.34
x yourself -0.48
xy ACT ACT -0.58
xy ACT HAND 0.43
xy ACT NUMBER 1.67
xy ACT SIDE 0.97
xy ACT a 1.77
xy ACT all 1.08
xy ACT around 0.41
xy ACT as -0.51
xy ACT behind -0.43
xy ACT both 0.64
xy ACT by -0.44
xy ACT down -0.54
xy ACT exhale -0.54
xy ACT first -0.49
xy ACT for 0.38
xy ACT from -0.74
xy ACT half -0.45
xy ACT if -0.34
xy ACT in -0.32
xy ACT into 0.70
xy ACT inward -0.34
xy ACT it 0.51
xy ACT keep -0.54
xy ACT let -0.34
xy ACT my 0.37
xy ACT north 0.31
xy ACT now -0.43
xy ACT on 0.85
xy ACT one 0.50
xy ACT onto 0.90
xy ACT out -0.48
xy ACT past -0.47
xy ACT round -0.45
xy ACT so -0.56
xy ACT stance -0.28
xy ACT straight -0.30
xy ACT that 0.60
xy ACT the 0.81
xy ACT then -0.50
xy ACT to 0.64
xy ACT too 0.53
xy ACT up 0.33
xy ACT you -0.59
xy ACT your 1.37
xy ACT yourself 0.39
xy FOOT ACT 0.55
xy FOOT HAND 1.32
xy FOOT and -0.46
xy FOOT are 0.54
xy FOOT back 0.46
xy FOOT first -0.55
xy FOOT is -0.62
xy FOOT not 0.86
xy FOOT of 0.78
xy FOOT on 0.52
xy FOOT out 0.61
xy FOOT over 0.58
xy FOOT parallel 1.17
xy FOOT then -0.64
xy FOOT together 0.96
xy FOOT under 0.53
xy HAND ACT 0.60
xy HAND by -0.31
xy HAND on -0.39
xy HAND to 0.73
xy HAND up 1.17
xy HAND width -0.58
xy NUMBER ACT 1.61
xy NUMBER NUMBER -0.37
xy NUMBER SIDE -0.36
xy NUMBER degrees -0.99
xy NUMBER is -0.40
xy NUMBER more 1.28
xy NUMBER of -0.29
xy SIDE ACT -0.62
xy SIDE FOOT 1.79
xy SIDE HAND 0.64
xy SIDE SIDE -0.30
xy SIDE again -0.41
xy SIDE breathe -0.32
xy SIDE brush 0.64
xy SIDE let's 0.93
xy SIDE side 0.60
xy SIDE weight -0.44
xy a ACT -0.45
xy a bit -0.56
xy a little -0.59
xy about NUMBER -0.64
xy again FOOT -0.38
xy again now -0.41
xy again the 0.38
xy all of -0.47
xy along the -0.47
xy and NUMBER -0.58
xy and a -0.33
xy and again 0.89
xy and as 0.56
xy and back 0.98
xy and don't -0.66
xy and exhale -0.81
xy and forward 0.94
xy and hold -1.03
xy and i 0.85
xy and i'm 1.09
xy and it -0.25
xy and look -0.62
xy and now 1.53
xy and rest -0.58
xy and slightly -0.43
xy and that's 0.65
xy and the -0.12
xy and then 0.64
xy and to 1.86
xy and your -0.50
xy apart now -0.32
xy as the 0.72
xy as we -0.81
xy as you 1.05
xy as your -0.60
xy at the -0.44
xy back FOOT 1.23
xy back SIDE 0.66
xy back again 0.32
xy back and -0.34
xy back down -0.64
xy back onto -0.40
xy back to 0.52
xy back you 0.68
xy becomes ACT -0.50
xy before you -0.35
xy behind you -0.50
xy bend the 1.03
xy bend your 0.68
xy beside it -0.41
xy beside the -0.65
xy between both -0.34
xy bow stance 0.45
xy breathe in 1.27
xy brush and 0.70
xy by ACT -0.45
xy can ACT -0.74
xy cloud HAND 0.39
xy count of 0.43
xy do a 0.42
xy do it -0.40
xy do that 0.36
xy don't let 0.41
xy exhale and 1.56
xy finish with -0.45
xy first ACT -0.25
xy first then -0.53
xy flat ACT -0.34
xy for NUMBER -0.66
xy for a -0.53
xy forward ACT -0.39
xy forward again 0.81
xy front FOOT 0.87
xy front of -0.36
xy half a -0.33
xy half way -0.38
xy her weight 0.35
xy i ACT 0.56
xy i can -0.80
xy i'm ACT 0.96
xy i've got 0.34
xy in ACT -0.42
xy in a 0.53
xy in front -0.44
xy in the 0.66
xy inhale ACT 0.53
xy into it -0.44
xy into the -0.65
xy is ACT -0.34
xy it then 0.71
xy it there -0.38
xy keep your 1.09
xy last one 0.52
xy let me 1.06
xy let the 0.39
xy let them -0.52
xy let's ACT 1.13
xy let's do 0.40
xy let's have 0.30
xy like a -0.40
xy like you're -0.48
xy look over 0.54
xy look to 0.39
xy make it 0.32
xy make sure 1.03
xy make the -0.43
xy middle HAND 0.50
xy most of 0.43
xy my SIDE 0.34
xy my back 0.53
xy my weight 0.57
xy next ACT 0.40
xy next one 0.65
xy next to -1.65
xy next we 0.69
xy no weight -0.61
xy now ACT 0.80
xy now and -1.02
xy now i 0.32
xy now i'm 0.42
xy now so -0.86
xy now the 1.26
xy now we 0.39
xy now we're 0.58
xy now you're 0.37
xy of the -0.71
xy of you -0.32
xy of your -0.40
xy off the -0.76
xy okay so 1.11
xy on it -0.54
xy on its -0.35
xy on your -0.50
xy one ACT 0.64
xy only as -0.42
xy onto it -0.43
xy onto the -0.79
xy out ACT -0.43
xy out to 0.61
xy over NUMBER 0.70
xy part NUMBER 0.77
xy past the -0.38
xy pause for 0.75
xy quarter ACT 0.47
xy rear FOOT 0.32
xy release the 0.95
xy repeat on 0.89
xy rests on -0.43
xy same on 0.85
xy shake it 0.55
xy she ACT 0.71
xy side ACT 0.70
xy single whip 0.54
xy so FOOT 0.47
xy so NUMBER 0.65
xy so i -0.28
xy so it's -0.58
xy so let 0.48
xy so now 1.38
xy so that -1.36
xy so that's 1.05
xy so the -0.38
xy so we 0.75
xy so weight -0.31
xy so you're 0.56
xy so your 0.47
xy soften the 0.57
xy start with 0.63
xy stay there 0.70
xy that ACT -0.64
xy that again -0.30
xy that way -0.28
xy that's the 0.95
xy the floor -0.68
xy the last 0.68
xy the next 0.62
xy the other -0.37
xy the weight 0.24
xy then FOOT -1.45
xy then i 0.32
xy then out -0.29
xy then we 0.23
xy then you 0.51
xy there for -0.38
xy this is 1.21
xy those FOOT -0.35
xy through the -0.42
xy to begin -0.32
xy to finish 0.64
xy to start -0.35
xy to the -1.69
xy to your -0.50
xy towards the -0.55
xy until the -0.33
xy until you -0.37
xy up on 0.94
xy waist SIDE 0.60
xy we ACT 0.74
xy we're gonna 0.37
xy weight ACT 0.84
xy weight NUMBER -0.48
xy weight SIDE 0.49
xy weight in 0.35
xy weight into 0.59
xy weight is 0.35
xy weight to 0.56
xy where it -0.33
xy will ACT -0.32
xy with a -0.38
xy with it -0.34
xy with the -0.67
xy you ACT -0.86
xy you breathe -0.47
xy you can 0.56
xy you should 0.56
xy you're on 0.54
xy you've got 0.72
xy your FOOT -0.63
xy your HAND 0.34
xy your SIDE 0.54
xy your weight 0.05
xyz ACT ACT ACT -0.69
xyz ACT ACT forward 1.08
xyz ACT ACT the -1.14
xyz ACT ACT with 1.41
xyz ACT ACT your -0.41
xyz ACT NUMBER NUMBER 0.36
xyz ACT NUMBER degrees -0.40
xyz ACT NUMBER is 0.74
xyz ACT NUMBER percent 0.44
xyz ACT SIDE ACT 0.33
xyz ACT SIDE FOOT -0.40
xyz ACT SIDE and 0.48
xyz ACT a half 0.79
xyz ACT a little -0.48
xyz ACT all of 0.38
xyz ACT all your 0.60
xyz ACT as the -0.44
xyz ACT back ACT 0.46
xyz ACT back FOOT -1.30
xyz ACT back SIDE 0.55
xyz ACT back a -0.55
xyz ACT back and -0.72
xyz ACT back into 1.09
xyz ACT back on 0.70
xyz ACT back onto 1.14
xyz ACT back so -0.71
xyz ACT back with 0.71
xyz ACT breathe out -0.32
xyz ACT by ACT -0.44
xyz ACT down ACT -0.40
xyz ACT down and -0.39
xyz ACT down first -0.50
xyz ACT down into 0.55
xyz ACT down on 0.57
xyz ACT down with 0.51
xyz ACT forward ACT -0.83
xyz ACT forward SIDE 0.49
xyz ACT forward into 0.90
xyz ACT forward on -0.43
xyz ACT forward onto 0.55
xyz ACT forward the -0.32
xyz ACT forward to -0.54
xyz ACT forward with 1.31
xyz ACT from the -0.74
xyz ACT in front -0.34
xyz ACT in the 1.23
xyz ACT into it 0.40
xyz ACT into your 0.26
xyz ACT it ACT -0.35
xyz ACT it down 1.23
xyz ACT it forward 0.70
xyz ACT it out 0.71
xyz ACT it to -0.27
xyz ACT my SIDE 0.45
xyz ACT on it 0.49
xyz ACT on its -0.34
xyz ACT on the -1.17
xyz ACT on your 0.98
xyz ACT out ACT -0.82
xyz ACT out SIDE 0.69
xyz ACT out again -0.36
xyz ACT out to 0.74
xyz ACT out with 1.44
xyz ACT over to 0.47
xyz ACT that FOOT 0.40
xyz ACT the ACT -0.36
xyz ACT the HAND -0.65
xyz ACT the SIDE 0.37
xyz ACT the back -0.47
xyz ACT the body 0.50
xyz ACT the door -0.34
xyz ACT the floor -0.89
xyz ACT the waist 0.71
xyz ACT the weight 0.44
xyz ACT them out -0.59
xyz ACT then the -0.34
xyz ACT those FOOT 0.31
xyz ACT through and -0.49
xyz ACT through with 0.79
xyz ACT to ACT 0.95
xyz ACT to your 0.67
xyz ACT up ACT -0.69
xyz ACT up and -1.32
xyz ACT up breathe 0.61
xyz ACT up on 0.39
xyz ACT up onto 1.01
xyz ACT up tall 1.05
xyz ACT up the 1.61
xyz ACT up to -0.41
xyz ACT up with 0.88
xyz ACT up your 1.51
xyz ACT with the 0.59
xyz ACT with your 0.61
xyz ACT your FOOT -0.64
xyz ACT your SIDE 0.54
xyz ACT your body 0.30
xyz ACT your waist 0.42
xyz FOOT ACT SIDE 1.14
xyz FOOT ACT and 1.35
xyz FOOT ACT back 0.34
xyz FOOT ACT down 1.07
xyz FOOT ACT first 0.56
xyz FOOT ACT in -0.29
xyz FOOT ACT the -0.56
xyz FOOT ACT up -0.39
xyz FOOT HAND width 0.77
xyz FOOT back down 1.10
xyz FOOT down behind 0.37
xyz FOOT down first -0.74
xyz FOOT down flat -0.32
xyz FOOT down in 0.56
xyz FOOT first ACT -0.62
xyz FOOT in ACT 0.80
xyz FOOT of the 0.80
xyz FOOT on the 0.54
xyz FOOT out NUMBER 0.67
xyz FOOT out on 0.42
xyz FOOT then FOOT -0.58
xyz FOOT together ACT 0.40
xyz FOOT together weight 1.22
xyz HAND ACT SIDE 0.58
xyz HAND ACT breathe 0.46
xyz HAND ACT down -0.71
xyz HAND ACT forward 0.35
xyz HAND ACT out -0.32
xyz HAND ACT up 1.15
xyz HAND on the -0.26
xyz NUMBER ACT SIDE -0.60
xyz NUMBER ACT your 1.02
xyz NUMBER NUMBER NUMBER -0.59
xyz NUMBER NUMBER degrees -1.16
xyz NUMBER NUMBER one 0.53
xyz NUMBER percent ACT -0.60
xyz NUMBER percent of -0.39
xyz NUMBER percent the -0.63
xyz SIDE ACT on 0.82
xyz SIDE ACT the -0.30
xyz SIDE FOOT ACT 1.07
xyz SIDE FOOT FOOT -0.35
xyz SIDE FOOT and -0.66
xyz SIDE FOOT back 1.27
xyz SIDE FOOT becomes 0.58
xyz SIDE FOOT can -0.45
xyz SIDE FOOT first -0.58
xyz SIDE FOOT is 0.98
xyz SIDE FOOT out 0.51
xyz SIDE FOOT resting -0.44
xyz SIDE FOOT straight 0.79
xyz SIDE FOOT through -0.29
xyz SIDE FOOT to -0.59
xyz SIDE FOOT weight -0.29
xyz SIDE HAND ACT 0.69
xyz SIDE HAND is 0.41
xyz SIDE SIDE FOOT -0.41
xyz SIDE SIDE SIDE 0.49
xyz SIDE side ACT 0.65
xyz again ACT the -0.50
xyz all the way -0.92
xyz all the weight 1.04
xyz and ACT # -0.63
xyz and ACT NUMBER 0.43
xyz and ACT SIDE -0.66
xyz and ACT again 1.07
xyz and ACT and 0.52
xyz and ACT back 0.41
xyz and ACT behind -0.45
xyz and ACT down -0.39
xyz and ACT forward 0.90
xyz and ACT into -0.64
xyz and ACT my 1.03
xyz and ACT onto 0.33
xyz and ACT out 1.16
xyz and ACT to -0.33
xyz and ACT up -0.44
xyz and ACT with -0.75
xyz and as you 0.60
xyz and back to 0.85
xyz and breathe in -0.58
xyz and breathe out -0.20
xyz and let it 0.40
xyz and my SIDE 0.39
xyz and out to -0.68
xyz and the FOOT -0.53
xyz and the front -0.34
xyz and the weight -0.56
xyz and then ACT -0.61
xyz and then we're 0.99
xyz and you ACT -0.33
xyz and your FOOT -0.67
xyz as the SIDE -0.44
xyz as the weight 1.41
xyz as you ACT -0.69
xyz as you do 0.67
xyz as you exhale 0.70
xyz as you inhale 1.28
xyz back ACT SIDE 1.00
xyz back ACT the -0.46
xyz back FOOT ACT 1.37
xyz back FOOT out 0.63
xyz back on the 0.44
xyz back to ACT 0.69
xyz before you ACT -0.35
xyz bend the FOOT 0.50
xyz bend the SIDE 0.53
xyz bend your FOOT 0.68
xyz beside the SIDE -0.49
xyz between both FOOT -0.34
xyz both HAND ACT 1.14
xyz breathe in ACT 0.60
xyz breathe in HAND -0.34
xyz breathe in and -0.79
xyz breathe in as 1.14
xyz breathe in when 0.92
xyz breathe out # -0.55
xyz breathe out ACT -1.04
xyz breathe out and 0.23
xyz breathe out as 0.77
xyz breathe out now -1.19
xyz breathe out when 0.26
xyz brush FOOT SIDE 0.49
xyz brush and ACT 0.70
xyz can ACT in -0.28
xyz count of NUMBER 0.43
xyz exhale ACT the -0.39
xyz exhale and ACT 0.36
xyz first ACT your 0.39
xyz forward again onto 0.55
xyz front FOOT ACT 1.06
xyz half ACT with 1.28
xyz half a ACT -0.33
xyz i ACT my 0.64
xyz i ACT the -0.60
xyz i can ACT -0.47
xyz i want you 0.30
xyz i'm ACT to -0.55
xyz if you can -1.28
xyz if you need -1.00
xyz in the SIDE -0.55
xyz inhale ACT the 0.33
xyz into the SIDE -0.60
xyz it ACT out 0.69
xyz keep your HAND 0.71
xyz let it ACT 0.66
xyz let the breath 0.56
xyz let them ACT -0.48
xyz let your HAND -0.58
xyz let your SIDE 0.71
xyz let your weight 0.45
xyz look to the 0.40
xyz most of your -0.27
xyz my back FOOT 0.82
xyz next to the -0.79
xyz next we ACT 0.69
xyz now ACT forward 0.48
xyz now ACT your -0.31
xyz now the SIDE 0.51
xyz now we ACT 0.32
xyz now we're ACT 0.46
xyz of the SIDE -0.32
xyz off the floor -0.44
xyz on its FOOT -0.35
xyz on the FOOT -1.21
xyz on the SIDE -1.39
xyz on the floor -0.39
xyz on your SIDE -0.38
xyz one NUMBER NUMBER 0.59
xyz onto the SIDE -0.61
xyz out to the 0.72
xyz over NUMBER counts 0.83
xyz over the SIDE -0.49
xyz pause for NUMBER 0.56
xyz play the lute 0.46
xyz rear FOOT ACT 0.45
xyz repeat on the 0.89
xyz same on the 0.85
xyz shake it out 0.59
xyz so ACT the 0.56
xyz so NUMBER percent 0.61
xyz so SIDE FOOT 0.49
xyz so let it 0.48
xyz so that the -0.37
xyz so that your -0.43
xyz so the FOOT -0.60
xyz so the weight -0.44
xyz so we're ACT -0.31
xyz so weight on -0.42
xyz soften the FOOT 0.57
xyz the ACT FOOT 0.86
xyz the FOOT ACT 0.63
xyz the FOOT and -0.64
xyz the FOOT down -0.49
xyz the FOOT of 1.15
xyz the SIDE FOOT 1.17
xyz the SIDE HAND 1.81
xyz the back FOOT 0.81
xyz the rear FOOT 0.47
xyz the waist ACT 0.72
xyz the weight ACT 0.97
xyz the weight in -0.33
xyz the weight is 0.73
xyz the weight on -0.33
xyz then ACT back 0.70
xyz then ACT onto 0.53
xyz then ACT the 0.53
xyz then ACT to -0.48
xyz then ACT up -0.31
xyz then FOOT ACT -0.45
xyz then i ACT 0.32
xyz then the FOOT -1.01
xyz then the SIDE 1.07
xyz then the weight 0.47
xyz then you ACT 0.53
xyz to ACT the -0.50
xyz to the SIDE -0.90
xyz to your SIDE -0.36
xyz up ACT the 0.57
xyz up on the 0.96
xyz ward off SIDE 0.84
xyz we ACT back -0.89
xyz we ACT onto 0.57
xyz we ACT the -1.01
xyz weight ACT forward -0.66
xyz weight ACT it 0.38
xyz weight SIDE ACT -0.39
xyz weight back into 0.38
xyz weight back on 0.49
xyz weight back to 0.66
xyz weight forward SIDE -0.88
xyz weight forward onto -0.34
xyz weight forward to 0.45
xyz weight in the 0.69
xyz weight into the 0.38
xyz weight on both -0.41
xyz weight onto it -0.36
xyz weight onto the 0.47
xyz weight over to 0.37
xyz weight to the 0.74
xyz when you ACT -0.27
xyz while the SIDE -0.44
xyz with the FOOT -0.55
xyz with the SIDE -0.46
xyz with the weight 0.56
xyz you ACT back 0.38
xyz you ACT forward -0.35
xyz you should be 0.56
xyz you're ACT the 0.35
xyz your HAND ACT 0.72
xyz your SIDE FOOT 0.97
xyz your SIDE HAND 0.59
xyz your weight ACT 0.59
xyz your weight is 0.67
xyz your weight on -0.43
xyz your weight onto -0.38
y # -1.61
y FOOT -0.42
y NUMBER -0.45
y SIDE -0.62
y about -0.74
y again 1.02
y ahead -0.32
y an 0.42
y and -1.28
y apart -0.80
y are 0.61
y at -0.78
y back 0.53
y because -0.30
y begin 1.12
y behind -0.99
y beside -0.52
y big -0.38
y body 0.43
y bow -0.83
y by -0.58
y careful 0.67
y change 0.43
y count -0.37
y degrees -1.11
y diagonally 0.74
y directly 0.67
y doing 0.38
y don't -0.69
y down 0.70
y each -0.34
y equal -0.61
y even -0.82
y evenly -0.44
y everything 0.56
y far -0.82
y finish 1.17
y first -0.55
y flat -0.61
y floor -0.68
y front -0.61
y gonna 0.62
y got 0.54
y half -0.41
y have -0.60
y here 0.31
y hips -0.68
y home 0.34
y horse -0.48
y how 0.50
y i 0.39
y i've -0.73
y if -0.87
y in -0.92
y instead -0.36
y inward -0.34
y inwards -0.40
y is 0.59
y its -0.62
y leave -0.50
y light -0.70
y like -1.04
y little -0.78
y make -0.45
y means 0.35
y middle -0.56
y moment 0.49
y more 1.07
y most 0.83
y movement 0.73
y my -0.47
y north 0.31
y not 0.35
y nothing 1.03
y of 0.59
y okay -0.68
y one 0.44
y only -0.56
y our -0.46
y over 0.65
y parallel 0.64
y part 0.69
y pause 0.55
y play -0.39
y pushing -0.49
y repeat 0.49
y rest -0.62
y rests -0.64
y right 0.48
y rush 0.67
y same -0.71
y shake -0.57
y share 0.61
y should 1.18
y sides 0.30
y slightly -0.49
y so -1.57
y some 1.00
y sorry -0.39
y start 0.93
y stay -0.58
y stays -0.38
y stop 0.44
y straight -0.70
y strike -0.50
y sure 1.03
y that 0.69
y that's 1.01
y them -0.30
y there 1.34
y thing 0.70
y this 1.28
y time 0.42
y to -0.79
y today -0.28
y together -0.39
y touching -0.39
y under 0.37
y waist 0.53
y water 0.52
y way -0.88
y we 0.57
y we'll -0.34
y week -0.38
y were 0.36
y when 0.67
y where -0.41
y whip 0.54
y white 0.60
y wide 0.60
y width -0.77
y you'll -0.33
y you've -0.48
y your 0.32
y yourself 0.80
"""
