"""How much each sign speaks for a pause. Made by `make pauses`; not to be edited by hand."""

TABLE = """\
 -2.57
a # -1.57
a NUMBER 1.38
a a 0.53
a again -0.76
a ahead -0.68
a all -0.56
a and -0.48
a apart -0.57
a as -1.38
a at -0.31
a away -0.37
a back -0.48
a backwards 0.46
a behind 0.97
a bent -0.68
a beside 0.85
a between 0.31
a bit 0.86
a body -0.53
a but -0.40
a chest 0.95
a corner -0.37
a counts -0.42
a degrees -0.57
a don't -0.84
a end -0.51
a equally -0.32
a even 0.37
a evenly -0.46
a fall 0.58
a finish -0.40
a first -1.23
a floor -0.90
a for 0.36
a forty-five 0.47
a forward -0.52
a from -0.53
a get 0.62
a hang 0.31
a has 0.56
a heal 0.69
a height -0.52
a hips 0.65
a hold -0.49
a i -0.50
a i'm -0.33
a if -0.37
a inhale -0.89
a into 0.39
a it 0.31
a its 1.21
a let -1.07
a let's -0.74
a little 0.65
a low 0.60
a make -0.68
a me -0.56
a meet 0.63
a middle -0.45
a more -0.34
a need 0.85
a no 0.55
a not 0.44
a now -1.22
a of 0.72
a okay -0.72
a onto 0.46
a parallel -0.32
a part -0.33
a percent 0.36
a pointing 0.55
a posture -0.43
a rear 0.33
a round -0.46
a rush 0.53
a same 1.14
a seconds -0.43
a section 0.62
a shake -0.29
a should -0.37
a single 0.65
a slightly 1.11
a so -1.02
a solid 0.49
a stay -0.78
a strike 0.67
a that's -0.51
a the 0.67
a them 0.72
a there -0.74
a they 0.52
a thing 0.53
a third -0.36
a those -0.38
a time -0.49
a times 0.39
a today -0.31
a until -0.44
a waist -0.46
a wall 0.92
a want 0.62
a way 0.35
a we -0.81
a we're -0.76
a welcome -0.49
a when -0.56
a where -0.51
a whole 0.56
a with 0.33
a yet -0.36
a you're -0.82
ab ACT FOOT -0.49
ab ACT HAND 1.07
ab ACT NUMBER -0.66
ab ACT a -0.38
ab ACT across 0.65
ab ACT along 0.44
ab ACT away 0.91
ab ACT backwards -0.36
ab ACT closer 0.49
ab ACT exhale -0.66
ab ACT first -0.37
ab ACT forward 0.39
ab ACT forwards -0.55
ab ACT in 0.88
ab ACT into -0.45
ab ACT it -0.36
ab ACT my -0.39
ab ACT north 0.59
ab ACT now -0.50
ab ACT off 0.32
ab ACT one -0.69
ab ACT onto -0.44
ab ACT over -0.62
ab ACT round 0.82
ab ACT sideways -0.40
ab ACT so -0.45
ab ACT stance 0.30
ab ACT the -0.57
ab ACT through 1.55
ab ACT to -0.63
ab ACT too -0.56
ab ACT with -0.55
ab ACT your -0.63
ab FOOT FOOT -0.53
ab FOOT SIDE -0.39
ab FOOT and -0.66
ab FOOT as -0.33
ab FOOT behind 0.37
ab FOOT by -0.34
ab FOOT completely 0.95
ab FOOT down 0.27
ab FOOT first 1.21
ab FOOT forward 0.47
ab FOOT in 1.23
ab FOOT is -0.84
ab FOOT now 0.49
ab FOOT okay 0.28
ab FOOT outward -0.42
ab FOOT parallel -0.59
ab FOOT so -0.54
ab FOOT stays 0.63
ab FOOT straight 0.32
ab FOOT then -0.35
ab FOOT to -0.38
ab FOOT touching 1.00
ab FOOT up 0.32
ab FOOT weight -0.36
ab FOOT while -0.41
ab FOOT will -0.44
ab HAND up -0.57
ab HAND width 0.84
ab NUMBER ACT -0.50
ab NUMBER NUMBER 1.03
ab NUMBER breaths 1.09
ab NUMBER o'clock 0.85
ab NUMBER seconds 0.27
ab SIDE ACT -0.44
ab SIDE FOOT 0.19
ab SIDE HAND 0.31
ab SIDE NUMBER 0.43
ab SIDE and -0.43
ab SIDE corner 0.77
ab SIDE diagonal 1.29
ab SIDE exhale -0.62
ab SIDE front 0.40
ab SIDE hip 0.68
ab SIDE side 0.64
ab SIDE weight -0.52
ab a ACT 0.77
ab a big -0.38
ab a bit 0.43
ab a breath 0.53
ab a half -0.29
ab about NUMBER 0.62
ab an ACT -0.94
ab and ACT 1.38
ab and NUMBER 0.73
ab and SIDE 0.72
ab and again -0.73
ab and breathe 0.80
ab and down 1.22
ab and exhale 0.79
ab and forward -0.39
ab and it -0.75
ab and let -0.35
ab and rest 0.47
ab and we -0.43
ab and you -0.72
ab as you -0.93
ab back ACT -0.83
ab back FOOT 0.40
ab back down 0.77
ab back in 0.79
ab begin with 0.61
ab behind you 1.54
ab beside it 0.50
ab bit now -0.64
ab both HAND -0.32
ab breath out 0.90
ab breathe in 0.35
ab brush FOOT -0.38
ab by ACT -0.35
ab can ACT 0.33
ab cloud HAND 0.36
ab completely ACT -0.20
ab corner FOOT 0.33
ab do not -0.37
ab do that 0.48
ab don't ACT -0.31
ab down ACT -0.41
ab down FOOT -0.39
ab down first 1.40
ab down in -0.26
ab down now -0.37
ab end up -0.47
ab exhale ACT 0.92
ab forty-five degrees 0.53
ab forward SIDE 0.55
ab forward again 0.60
ab front ACT -0.20
ab front FOOT -0.65
ab front corner 0.45
ab half ACT -0.28
ab hip width 0.34
ab horse stance 0.68
ab i'm ACT -0.42
ab in HAND -0.38
ab in NUMBER 0.58
ab in front 1.23
ab in it -0.42
ab inhale ACT -0.42
ab into it 1.12
ab is ACT 0.39
ab is called -0.35
ab is comfortable 1.17
ab is in -0.50
ab it ACT -0.26
ab it FOOT -0.31
ab it NUMBER -0.55
ab it breathe 0.62
ab it forward 0.75
ab it in 0.95
ab it is 1.71
ab it out -0.36
ab it over 0.41
ab it straight -0.33
ab its FOOT 0.71
ab keep it -0.35
ab last one -0.52
ab let it -0.68
ab let me -0.44
ab let them -0.40
ab like you're -0.31
ab little bit 0.61
ab meet it 0.63
ab my HAND 0.59
ab my weight -0.34
ab need to 0.37
ab no weight 0.98
ab now SIDE 0.34
ab of NUMBER 0.86
ab of you 1.28
ab on it 0.87
ab on top 0.68
ab one ACT 0.82
ab one FOOT -0.59
ab onto it 0.77
ab onto that 0.35
ab other FOOT 1.35
ab out FOOT -0.40
ab out NUMBER 0.59
ab out SIDE 0.90
ab out again -0.54
ab out breath 1.17
ab out now -0.57
ab percent in -0.34
ab same thing -0.45
ab side ACT 0.39
ab so SIDE 0.65
ab stance SIDE -0.36
ab start with 0.67
ab straight ahead 0.60
ab that ACT 0.44
ab that FOOT 1.17
ab that again 0.40
ab that way 0.66
ab the ACT 0.97
ab the HAND -1.04
ab the door 0.74
ab the first -1.11
ab the floor 0.86
ab the next -0.31
ab the room 0.55
ab the same -0.47
ab the side 0.75
ab the top -0.28
ab the waist 0.36
ab the way -0.47
ab the weight -0.91
ab the whole -0.35
ab the window 0.43
ab then FOOT 0.85
ab then you -0.50
ab they ACT 0.66
ab third one -0.36
ab to ACT 0.69
ab to HAND -0.53
ab to NUMBER 0.39
ab to SIDE 0.40
ab to finish 0.57
ab to hip -0.37
ab to it 0.72
ab to start 0.42
ab to you 0.87
ab together ACT 0.40
ab way round -0.34
ab weight ACT 0.51
ab weight SIDE -1.08
ab weight even 0.65
ab weight forward -0.30
ab weight in -0.51
ab weight on -0.38
ab weight onto -0.33
ab weight out 0.52
ab weight over 0.69
ab when you -0.37
ab where it -0.37
ab white crane 0.61
ab with it 0.37
ab with you 0.95
ab you ACT 1.18
ab you are 0.36
ab you can 0.92
ab you could -0.45
ab you exhale -0.67
ab you're ACT -0.61
ab your ACT -0.55
ab your HAND 0.64
ab your chair -0.65
abx ACT ACT SIDE -0.42
abx ACT ACT the -0.27
abx ACT ACT your 0.72
abx ACT SIDE ACT -0.97
abx ACT SIDE NUMBER 0.77
abx ACT SIDE and -1.06
abx ACT back ACT -1.06
abx ACT back FOOT 0.64
abx ACT back SIDE -1.03
abx ACT back and 0.43
abx ACT down and -0.29
abx ACT down next 0.42
abx ACT down on 0.62
abx ACT forward ACT -0.94
abx ACT forward again -0.47
abx ACT forward and -0.72
abx ACT in NUMBER -0.38
abx ACT in and -0.92
abx ACT in the -0.55
abx ACT it ACT 1.11
abx ACT it and -0.74
abx ACT it back -0.54
abx ACT one ACT -0.39
abx ACT out again 0.36
abx ACT out and 0.79
abx ACT out weight 0.48
abx ACT out with -0.31
abx ACT through the -0.41
abx ACT up ACT 1.11
abx ACT up breathe -0.65
abx ACT up the -1.15
abx ACT up your -0.46
abx ACT your weight -0.31
abx FOOT ACT NUMBER -0.37
abx FOOT ACT and -1.05
abx FOOT ACT half -0.37
abx FOOT ACT the 0.68
abx FOOT ACT up -0.25
abx FOOT ACT your -0.33
abx FOOT NUMBER ACT -0.83
abx FOOT again and -0.54
abx FOOT back and -0.66
abx FOOT by ACT -0.34
abx FOOT down first -0.45
abx FOOT first ACT 0.87
abx FOOT first and -0.59
abx FOOT first weight -0.69
abx FOOT in ACT -1.02
abx FOOT in FOOT -0.34
abx FOOT in half -0.33
abx FOOT in so 0.43
abx FOOT in to -0.30
abx FOOT is now -0.41
abx FOOT out ACT -0.83
abx FOOT out NUMBER -0.40
abx FOOT out and -0.45
abx FOOT out weight -0.43
abx FOOT together HAND -0.44
abx FOOT together and -0.98
abx FOOT up ACT -0.51
abx FOOT up and -0.46
abx FOOT up half -0.43
abx HAND ACT SIDE 0.90
abx HAND ACT and -0.52
abx HAND ACT breathe -0.52
abx HAND width apart -0.57
abx NUMBER NUMBER ACT 0.46
abx NUMBER NUMBER NUMBER -0.31
abx NUMBER NUMBER degrees -0.78
abx NUMBER degrees and -0.28
abx NUMBER degrees the 0.67
abx NUMBER degrees to -0.29
abx NUMBER percent ACT 0.58
abx NUMBER percent of -0.29
abx NUMBER percent the 0.75
abx NUMBER seconds ACT 0.41
abx SIDE FOOT ACT -0.71
abx SIDE FOOT FOOT 0.68
abx SIDE FOOT all -0.66
abx SIDE FOOT as -0.39
abx SIDE FOOT back -0.71
abx SIDE FOOT can -0.32
abx SIDE FOOT in -0.56
abx SIDE FOOT is -0.40
abx SIDE FOOT now -0.52
abx SIDE FOOT out -0.81
abx SIDE FOOT so 0.80
abx SIDE FOOT that 0.50
abx SIDE FOOT the 0.20
abx SIDE FOOT until -0.34
abx SIDE HAND ACT -0.56
abx SIDE HAND brushes -0.39
abx SIDE SIDE FOOT 0.33
abx SIDE SIDE SIDE -0.83
abx SIDE corner and -0.76
abx SIDE side and 0.23
abx a ACT ACT -0.72
abx a half ACT -0.29
abx a little ACT 0.33
abx and ACT NUMBER -0.46
abx and ACT SIDE -0.44
abx and ACT again -0.36
abx and ACT all -0.39
abx and ACT and 0.65
abx and ACT back 0.44
abx and ACT it -0.63
abx and ACT my -0.64
abx and ACT the -0.76
abx and ACT with -0.30
abx and you ACT -0.49
abx as you ACT -0.39
abx back ACT SIDE -0.40
abx back FOOT ACT -0.90
abx back FOOT the -0.47
abx behind you ACT 0.56
abx both HAND ACT -0.34
abx breathe in ACT -0.59
abx breathe in HAND 0.40
abx breathe in and 1.46
abx breathe in the 0.43
abx breathe in when -0.47
abx breathe out and -0.81
abx breathe out as -0.55
abx breathe out now 0.50
abx breathe out when -0.60
abx for NUMBER seconds -0.28
abx i ACT my -0.55
abx in front ACT 0.42
abx in front and -0.43
abx in front of -0.44
abx into it ACT 0.34
abx into it SIDE -0.16
abx into it and -1.08
abx is in the -0.32
abx its FOOT ACT 0.44
abx let it ACT -0.61
abx my SIDE FOOT -0.25
abx on it and -0.45
abx onto it SIDE 0.44
abx onto it and -0.56
abx onto it the 0.39
abx that FOOT ACT -0.50
abx the ACT ACT 0.33
abx the ACT FOOT -0.80
abx the FOOT are -0.32
abx the FOOT let 0.30
abx the FOOT now 0.42
abx the FOOT of -0.37
abx the FOOT out 0.59
abx the FOOT so -0.37
abx the FOOT the 0.83
abx the FOOT then -0.39
abx the FOOT touching -0.35
abx the HAND ACT -0.77
abx the HAND and -0.53
abx the SIDE FOOT -1.16
abx the SIDE HAND -1.30
abx the SIDE and -0.98
abx the SIDE as -0.69
abx the SIDE corner -0.73
abx the SIDE diagonal -0.43
abx the SIDE front -0.37
abx the SIDE hip -0.47
abx the SIDE let -0.66
abx the SIDE now -0.51
abx the SIDE side -0.58
abx the SIDE until -0.36
abx the SIDE your 0.77
abx the back ACT 0.73
abx the back FOOT -0.84
abx the corner ACT -0.35
abx the corner FOOT -0.27
abx the floor and -0.63
abx the front FOOT -1.06
abx the front and 0.66
abx the middle and -0.63
abx the other FOOT -0.36
abx the other side -0.36
abx the side ACT 0.78
abx the side about -0.37
abx the side and -0.71
abx the weight ACT -0.87
abx the weight on 0.67
abx then FOOT ACT 0.53
abx to ACT so 1.06
abx to ACT the -0.42
abx to SIDE FOOT 0.36
abx up ACT SIDE 0.39
abx weight SIDE ACT -1.00
abx weight SIDE SIDE 0.50
abx weight forward SIDE 0.82
abx width apart and -0.63
abx you ACT on 0.59
abx you ACT the 0.40
abx you can ACT -1.25
abx you could ACT -0.45
abx your FOOT ACT -0.43
abx your SIDE ACT 0.46
abx your SIDE FOOT -0.61
abx your SIDE HAND -0.46
abx your weight ACT -0.43
abx your weight on -0.33
b FOOT 0.90
b HAND 0.98
b NUMBER -0.77
b SIDE 1.36
b a -2.25
b about -0.89
b across 0.43
b again 0.65
b ahead 1.26
b all -1.00
b altogether 1.06
b an -0.54
b and -4.10
b apart 1.75
b around 0.31
b arrives 0.53
b as -1.88
b at -0.77
b away 1.00
b back 0.30
b be -0.46
b because -0.37
b becomes -0.37
b begin -0.51
b behind 0.38
b bent 0.38
b beside -0.91
b between -0.54
b big -0.82
b body -0.50
b both -0.98
b breath 1.10
b breathe 0.83
b breaths 1.37
b brush -0.61
b but -0.53
b by -1.09
b called -0.38
b can 0.26
b change 0.19
b chest 0.48
b closer 0.49
b comfortable 1.16
b completely 0.61
b corner 1.80
b could -0.45
b degrees 0.85
b diagonal 1.14
b do -1.05
b don't -1.51
b door 0.74
b down 1.09
b each -0.38
b ear 1.05
b east 1.25
b equally 1.78
b even 1.52
b evenly 1.20
b far 0.63
b feel -0.62
b finish -0.37
b first 0.77
b flat 0.94
b floor 0.86
b for -1.50
b forward 0.77
b forwards 0.98
b fridge 0.80
b from -0.58
b front 1.17
b fully -0.35
b got -0.49
b half -0.43
b hang 0.97
b has -0.31
b have -0.49
b height 1.03
b here 1.73
b high 1.63
b hip 0.96
b hips -0.47
b hold -0.89
b home 0.57
b i -2.05
b i'm -1.37
b if -1.18
b inhale -1.53
b into -1.57
b inwards 1.16
b is -1.23
b it 1.20
b it's -0.66
b its -0.68
b keep -1.21
b last -0.55
b lesson -0.43
b let -1.54
b let's -1.22
b level 1.28
b light 1.04
b like -0.30
b line 1.15
b little -0.37
b lute 0.32
b make -0.73
b mane 0.64
b me 0.79
b middle 1.12
b moment 0.41
b morning 0.60
b my -1.80
b next -1.37
b no -1.03
b north 0.81
b nose 0.55
b not -0.73
b nothing -0.38
b now -0.87
b o'clock 0.85
b of -2.02
b off -0.64
b ok -1.21
b okay -1.27
b on -1.74
b one -0.47
b only -0.66
b onto -1.44
b or -0.82
b our -0.84
b out 0.91
b outwards 0.85
b parallel 0.81
b past -0.70
b pause -0.37
b people -0.78
b posture -0.62
b pushing 0.65
b quarter -0.42
b rest 0.72
b room 1.33
b same -0.73
b seconds 0.62
b section 0.60
b see -0.44
b should -0.59
b side 1.27
b sides 1.51
b sideways -0.40
b single -0.46
b small -0.65
b so -2.74
b soft 0.97
b solid 0.77
b stance 0.80
b stop 0.37
b straight 1.36
b that -0.83
b that's -1.04
b the -3.86
b them 0.97
b then -2.54
b there 1.43
b they -0.89
b this -0.67
b to -2.14
b today 0.34
b together 1.35
b top 0.40
b touching 1.59
b towards -0.36
b until -0.93
b up 0.43
b waist -0.56
b wall 1.31
b want -0.38
b was 0.66
b water -0.79
b way 0.33
b we -2.01
b we'll -0.68
b we're -1.16
b week 0.59
b what -0.93
b when -1.11
b where -0.64
b while -0.58
b white -0.47
b whole -0.50
b wide 1.01
b width 1.61
b will -0.56
b window 0.43
b with -1.40
b without -0.88
b yet 1.53
b you -0.44
b you're -1.52
b you've -0.34
b your -2.77
bx ACT ACT 1.62
bx ACT FOOT 0.46
bx ACT HAND 0.67
bx ACT NUMBER -0.28
bx ACT SIDE -0.89
bx ACT across -0.36
bx ACT all -0.88
bx ACT as 0.57
bx ACT back -1.84
bx ACT down -0.55
bx ACT exhale 0.61
bx ACT forward -1.06
bx ACT forwards -0.40
bx ACT from -0.44
bx ACT in -0.47
bx ACT into -0.47
bx ACT it -1.38
bx ACT my -0.88
bx ACT now 1.06
bx ACT onto -0.44
bx ACT out -0.74
bx ACT over -0.50
bx ACT round -0.23
bx ACT so 0.49
bx ACT straight -0.30
bx ACT that -0.48
bx ACT the -1.87
bx ACT them -0.59
bx ACT then 0.72
bx ACT those 0.35
bx ACT through -0.49
bx ACT up -0.93
bx ACT your -1.85
bx FOOT ACT -0.82
bx FOOT FOOT 0.54
bx FOOT NUMBER 0.74
bx FOOT SIDE 0.30
bx FOOT a -0.44
bx FOOT again -0.67
bx FOOT and -0.11
bx FOOT are -0.62
bx FOOT at -0.43
bx FOOT back -0.53
bx FOOT bend 0.41
bx FOOT can -0.32
bx FOOT completely -0.50
bx FOOT don't 0.34
bx FOOT down -0.66
bx FOOT exhale 0.68
bx FOOT first -1.71
bx FOOT half -0.41
bx FOOT i 0.27
bx FOOT in -0.72
bx FOOT is -0.69
bx FOOT keep 1.02
bx FOOT let 0.81
bx FOOT my 1.15
bx FOOT not -0.39
bx FOOT now -0.31
bx FOOT of -0.42
bx FOOT on -0.46
bx FOOT out -0.50
bx FOOT outward -0.39
bx FOOT over -0.32
bx FOOT parallel -0.51
bx FOOT same -0.52
bx FOOT should -0.36
bx FOOT stays -0.46
bx FOOT that 0.90
bx FOOT the 1.59
bx FOOT then -0.81
bx FOOT together -0.83
bx FOOT touching -0.67
bx FOOT up -0.59
bx FOOT we 0.70
bx FOOT while -0.64
bx FOOT will -0.35
bx FOOT without -0.33
bx FOOT you 0.89
bx FOOT your 1.02
bx HAND ACT -1.56
bx HAND brushes -0.39
bx HAND now 0.34
bx HAND up -0.34
bx HAND weight 0.61
bx HAND width -0.64
bx HAND with 0.78
bx NUMBER ACT -0.44
bx NUMBER NUMBER -1.49
bx NUMBER SIDE 0.44
bx NUMBER and -0.52
bx NUMBER counts -0.41
bx NUMBER degrees -0.96
bx NUMBER o'clock -0.32
bx NUMBER percent -0.82
bx NUMBER seconds -0.29
bx NUMBER the 0.51
bx SIDE FOOT -2.96
bx SIDE HAND -1.89
bx SIDE SIDE 0.18
bx SIDE and -0.61
bx SIDE as -0.69
bx SIDE breathe 0.52
bx SIDE corner -0.73
bx SIDE diagonal -0.43
bx SIDE exhale 0.45
bx SIDE front -0.49
bx SIDE hip -0.60
bx SIDE side -0.94
bx SIDE the 1.06
bx SIDE then -0.98
bx SIDE until -0.36
bx SIDE your 0.77
bx a ACT -0.53
bx about NUMBER -0.72
bx again and -0.49
bx all the -0.55
bx an ACT -0.37
bx and ACT -1.31
bx and let -0.42
bx and then -0.34
bx apart and -0.41
bx as the -0.53
bx as you -0.39
bx at the -0.35
bx away from -0.58
bx back ACT 0.46
bx back FOOT -0.75
bx back now -0.26
bx back the 1.02
bx back to -0.30
bx behind ACT 1.25
bx behind and 0.76
bx behind the -0.47
bx behind you -0.94
bx bend the -0.62
bx beside the -0.39
bx big ACT -0.41
bx bit ACT -0.53
bx bit now 0.54
bx body ACT -0.43
bx both FOOT -0.54
bx both HAND -0.35
bx bow stance -0.49
bx breathe in -0.61
bx breathe out -0.70
bx by ACT -0.51
bx can ACT -1.95
bx cloud HAND -0.37
bx corner NUMBER 0.61
bx corner and -0.42
bx corner with -0.39
bx could ACT -0.45
bx degrees and -0.28
bx degrees the 1.13
bx degrees to -0.29
bx don't ACT -0.72
bx don't let -0.48
bx down ACT 0.65
bx down FOOT 0.68
bx down and -0.46
bx down behind -0.38
bx down breathe -0.60
bx down first -0.88
bx down now 0.58
bx exhale and -0.45
bx first NUMBER 0.73
bx first and -0.37
bx first then -1.54
bx flat ACT 0.98
bx floor and -0.63
bx for NUMBER -0.46
bx forward ACT 0.55
bx forward FOOT 1.05
bx forward NUMBER -0.53
bx forward again -0.67
bx forward and -1.41
bx forward the 0.77
bx forward weight -0.76
bx forward with -0.39
bx from the -0.70
bx front ACT 0.79
bx front FOOT -1.10
bx front of -0.44
bx half ACT -0.97
bx height ACT 1.00
bx here ACT 0.36
bx i ACT -1.19
bx i'm ACT -0.92
bx if you -0.43
bx in ACT 0.68
bx in FOOT -0.42
bx in NUMBER -0.63
bx in a -0.43
bx in front -0.97
bx in half -0.47
bx in i -0.46
bx in inhale -0.47
bx in it 0.46
bx in my -0.43
bx in now 0.54
bx in on 0.78
bx in the -0.19
bx in then 0.41
bx in to -0.44
bx in when -0.54
bx in your -0.49
bx inhale ACT -0.94
bx into the -0.65
bx is ACT -0.95
bx is now -0.29
bx it ACT -0.73
bx it FOOT -0.71
bx it all -0.66
bx it back -0.59
bx it breathe 0.62
bx it down -0.36
bx it over -0.65
bx it so -0.57
bx it the 1.37
bx it then -0.53
bx it to 0.82
bx it with 0.48
bx its FOOT -0.44
bx let the -0.75
bx let your -0.44
bx let's ACT -0.47
bx like you're -0.43
bx middle and -0.63
bx my SIDE -0.76
bx my weight -0.53
bx no weight -0.52
bx now ACT -1.39
bx now FOOT 0.65
bx now SIDE -0.36
bx now i -0.47
bx now i'm -0.57
bx now so 0.61
bx now the -0.73
bx now we -0.62
bx now we're -0.43
bx now your -0.31
bx of the -0.60
bx off the -0.54
bx okay so -0.32
bx on the -1.03
bx on your -0.36
bx one ACT -0.77
bx onto the -0.72
bx other FOOT -0.36
bx other side -0.36
bx our weight -0.56
bx out ACT 0.65
bx out FOOT 0.78
bx out NUMBER -0.81
bx out SIDE -0.60
bx out as -0.82
bx out breath -0.53
bx out now 0.94
bx out the 0.74
bx out to -0.47
bx out when -0.84
bx out with -0.39
bx over and 0.39
bx over the -0.66
bx over your -0.52
bx part NUMBER -0.60
bx past the -0.47
bx percent ACT 0.58
bx percent of -0.29
bx percent the 0.75
bx quarter ACT -0.42
bx rear FOOT -0.41
bx seconds ACT 0.41
bx side about -0.37
bx side and -0.82
bx side so -0.93
bx side the 1.04
bx small ACT -0.65
bx so ACT -0.72
bx so now -0.39
bx stance SIDE -0.64
bx stance and 0.37
bx stance so -0.69
bx straight ahead -0.50
bx that FOOT -0.45
bx that the -0.33
bx the FOOT -0.34
bx the SIDE -1.24
bx the weight -0.75
bx then ACT -1.03
bx then i -0.31
bx there for -0.48
bx they ACT -0.60
bx through and -0.66
bx through the -0.84
bx to ACT -1.20
bx to the -0.94
bx together HAND -0.44
bx together and -0.98
bx together to -0.29
bx towards the -0.36
bx under the 0.48
bx up ACT 0.62
bx up as -0.34
bx up breathe -0.85
bx up so 0.73
bx up the -0.49
bx up to -0.36
bx up your -0.46
bx waist ACT -0.44
bx way ACT 0.79
bx we ACT -1.05
bx we're ACT -0.94
bx weight ACT -1.41
bx weight SIDE -0.36
bx weight and 1.35
bx weight back -0.73
bx weight even -0.44
bx weight over -0.34
bx while the -0.43
bx width apart -0.87
bx with my -0.39
bx with the -1.07
bx with your -0.52
bx you ACT -0.46
bx you breathe -0.77
bx you can -0.34
bx you exhale 0.35
bx you're ACT -0.78
bx your SIDE -0.84
bx your weight -1.02
bxy ACT ACT SIDE 0.85
bxy ACT ACT it 0.57
bxy ACT ACT to 0.41
bxy ACT ACT with -1.67
bxy ACT ACT your -0.62
bxy ACT NUMBER percent -0.81
bxy ACT SIDE FOOT 0.89
bxy ACT all of -0.31
bxy ACT all your -0.51
bxy ACT and the 0.45
bxy ACT back ACT 0.59
bxy ACT back on -0.28
bxy ACT it down -0.38
bxy ACT my weight -0.38
bxy ACT on the 0.79
bxy ACT so ACT -0.58
bxy ACT the HAND -0.32
bxy ACT the SIDE -0.72
bxy ACT the back -0.42
bxy ACT the weight -0.72
bxy ACT with your -0.31
bxy ACT your HAND 0.56
bxy ACT your SIDE -1.11
bxy FOOT ACT ACT 0.68
bxy FOOT ACT NUMBER 1.09
bxy FOOT ACT SIDE 0.66
bxy FOOT ACT and 0.53
bxy FOOT ACT away -0.41
bxy FOOT ACT down -0.58
bxy FOOT ACT first -0.40
bxy FOOT ACT in -0.35
bxy FOOT ACT into 1.07
bxy FOOT ACT it 0.41
bxy FOOT ACT off -0.64
bxy FOOT ACT onto 0.81
bxy FOOT ACT out -0.52
bxy FOOT ACT over -0.39
bxy FOOT ACT the 0.73
bxy FOOT ACT them 0.49
bxy FOOT ACT up -0.49
bxy FOOT ACT your 1.82
bxy FOOT FOOT first -0.36
bxy FOOT NUMBER ACT 0.92
bxy FOOT NUMBER degrees -0.31
bxy FOOT SIDE FOOT 0.25
bxy FOOT and ACT -0.84
bxy FOOT and as 0.42
bxy FOOT and i 0.51
bxy FOOT and let -0.91
bxy FOOT and then 0.31
bxy FOOT and you -0.39
bxy FOOT back ACT -0.32
bxy FOOT breathe out -0.47
bxy FOOT can ACT -0.32
bxy FOOT first ACT -0.56
bxy FOOT half a -0.36
bxy FOOT i ACT 0.65
bxy FOOT next to -0.33
bxy FOOT now ACT 0.42
bxy FOOT on the -0.37
bxy FOOT out to 0.35
bxy FOOT so it's -0.73
bxy FOOT so that -0.36
bxy FOOT the weight 0.64
bxy FOOT then ACT -0.51
bxy FOOT then FOOT -0.48
bxy FOOT to ACT -0.38
bxy FOOT up ACT 0.43
bxy FOOT we ACT 0.70
bxy FOOT while the -0.38
bxy HAND ACT ACT 0.38
bxy HAND ACT SIDE -0.32
bxy HAND ACT back -0.47
bxy HAND ACT down -0.34
bxy HAND ACT forward -0.39
bxy HAND ACT out 1.01
bxy HAND ACT to 0.35
bxy HAND ACT up -1.14
bxy HAND and ACT -0.38
bxy HAND breathe out -0.50
bxy NUMBER ACT SIDE 0.37
bxy NUMBER ACT back 0.52
bxy NUMBER ACT your -1.03
bxy NUMBER the SIDE 0.51
bxy SIDE ACT SIDE -1.12
bxy SIDE ACT back -0.43
bxy SIDE ACT forward 0.41
bxy SIDE ACT onto 0.45
bxy SIDE ACT out -0.37
bxy SIDE ACT the -0.85
bxy SIDE ACT to 0.77
bxy SIDE ACT up -0.27
bxy SIDE ACT with 0.56
bxy SIDE ACT your -0.52
bxy SIDE FOOT ACT -0.69
bxy SIDE FOOT back -0.49
bxy SIDE FOOT out -0.64
bxy SIDE FOOT parallel 2.03
bxy SIDE FOOT up -0.31
bxy SIDE HAND ACT -1.02
bxy SIDE NUMBER percent -0.46
bxy SIDE SIDE FOOT -0.69
bxy SIDE SIDE SIDE -0.53
bxy SIDE and ACT -0.38
bxy SIDE and i -0.42
bxy SIDE as the -0.57
bxy SIDE front corner -0.28
bxy SIDE let the -0.48
bxy SIDE with the -0.43
bxy SIDE with your 0.26
bxy SIDE your SIDE 0.37
bxy again ACT the 0.37
bxy again and ACT -0.45
bxy all the weight -0.41
bxy and ACT the -0.34
bxy back ACT SIDE -0.36
bxy back ACT the -0.94
bxy back FOOT ACT -0.55
bxy back FOOT in 0.81
bxy back and the 0.39
bxy behind the SIDE -0.42
bxy bend the SIDE -0.38
bxy beside the SIDE -0.32
bxy body ACT to -0.36
bxy by ACT the -0.48
bxy can ACT the -0.40
bxy corner ACT the 0.35
bxy corner FOOT first -0.41
bxy degrees ACT all 0.28
bxy down ACT your 0.37
bxy down and ACT -1.12
bxy down next to -0.30
bxy first and ACT -0.29
bxy first then the -0.93
bxy floor ACT the 0.47
bxy forward ACT the -0.29
bxy forward and ACT -0.51
bxy half ACT with -0.57
bxy in HAND ACT -0.41
bxy in HAND down 0.49
bxy in and ACT -0.99
bxy in as you 0.41
bxy in my SIDE -0.36
bxy in the back 0.35
bxy in when you -0.39
bxy in your SIDE -0.32
bxy into the SIDE -0.61
bxy it ACT in 0.31
bxy it ACT the 0.35
bxy it ACT your 0.36
bxy it the SIDE 0.65
bxy it with the 0.56
bxy my SIDE FOOT -0.63
bxy now we ACT -0.37
bxy on the SIDE -0.49
bxy on your SIDE -0.32
bxy onto the SIDE -0.60
bxy out ACT onto 0.33
bxy out and ACT -0.26
bxy out as you -0.36
bxy out the SIDE -0.49
bxy out when you -0.46
bxy over the SIDE -0.49
bxy past the SIDE -0.35
bxy percent the SIDE 0.58
bxy side ACT back -0.79
bxy side ACT the 0.33
bxy side the SIDE 0.72
bxy small ACT to -0.31
bxy the SIDE FOOT -0.98
bxy then i ACT -0.31
bxy through and ACT -0.86
bxy through the FOOT -0.28
bxy to ACT the -0.37
bxy to the SIDE -0.58
bxy up ACT SIDE -0.36
bxy up and ACT -0.44
bxy up and the -0.46
bxy up breathe in -0.44
bxy up breathe out -0.41
bxy up half a -0.45
bxy up your SIDE -0.43
bxy we ACT back 0.48
bxy we ACT the -0.45
bxy we're ACT the -0.32
bxy weight ACT back -0.82
bxy weight ACT forward -0.41
bxy weight ACT into -0.69
bxy weight ACT onto -0.44
bxy weight ACT over -0.30
bxy weight ACT to -0.35
bxy weight on the 0.64
bxy with the SIDE -0.70
bxy you ACT on -0.53
bxy you ACT the -0.46
bxy you ACT your -0.47
bxy you breathe in -0.58
bxy your SIDE FOOT -0.75
x ACT 1.24
x FOOT -0.73
x NUMBER 0.45
x a -1.15
x about -1.49
x across -0.71
x ahead -0.58
x all 0.36
x along -0.60
x altogether -0.30
x and 0.79
x apart -0.86
x are -1.13
x around -0.45
x as -0.35
x at -1.18
x away -0.83
x back -0.34
x backwards -0.40
x be 0.36
x becomes -0.68
x before -0.69
x begin 0.58
x behind -1.67
x bend 0.45
x bent -0.38
x beside -1.35
x between -0.64
x big 0.97
x bit -0.81
x body 0.45
x both 0.75
x breath -0.29
x breathe 1.60
x breaths -0.57
x brush 1.13
x brushes -0.39
x but -0.77
x by -1.42
x careful 1.17
x completely -0.57
x corner -1.40
x count 0.47
x counts -0.41
x degrees -1.07
x diagonal -0.51
x do 0.45
x doing -0.48
x don't 1.47
x down -2.28
x equally -0.57
x even 0.99
x evenly -0.57
x exhale 1.03
x feel 0.29
x finish 2.11
x first 0.26
x flat -0.74
x for -0.99
x forty-five -0.53
x forward -1.46
x forwards -0.61
x from -0.15
x front -0.90
x get 0.69
x gets -0.40
x half 0.50
x has -0.49
x heal 0.56
x height -0.80
x here -0.53
x high -0.48
x hip -0.89
x hold 1.96
x home -0.57
x i 1.80
x i'm 1.55
x if 1.73
x in -2.18
x inhale 2.23
x into -1.97
x inward -0.40
x inwards -0.68
x is -2.04
x it -0.91
x its -0.38
x keep 1.60
x last 1.59
x leave -0.30
x let 1.71
x let's 1.18
x light -0.32
x like -0.66
x line -0.45
x little -0.48
x look 1.06
x make 0.82
x me -0.53
x middle 0.39
x movement -0.42
x my 1.17
x next 1.34
x no 0.45
x not -0.43
x nothing 0.36
x now 2.57
x o'clock -0.32
x of -2.23
x off -0.41
x okay 3.71
x on -1.36
x one -0.52
x onto -1.81
x or 0.53
x other 0.35
x our -0.34
x out -2.19
x outward -0.42
x outwards -0.48
x over -0.60
x parallel -0.77
x part 1.06
x past -0.45
x pause 1.29
x percent -0.82
x play 0.82
x pointing -0.36
x posture 0.87
x quarter 0.49
x rear 0.33
x release 0.95
x repeat 1.30
x rest 0.34
x resting -0.54
x rests -0.58
x right -0.28
x round -0.91
x same 0.37
x seconds -0.39
x shake 0.77
x should -0.59
x side -0.70
x single 0.40
x slightly -0.53
x so 0.41
x soft -0.47
x soften 1.43
x solid -0.55
x some -0.42
x stance -0.55
x stay 1.38
x stays -0.80
x stop 0.48
x straight -1.13
x strike 0.35
x tall -0.44
x that's 1.93
x them -0.70
x then 2.12
x there -1.24
x there's 1.46
x thing -0.37
x those 0.63
x through -1.33
x to -1.69
x today -0.59
x together -1.17
x too -0.55
x touching -0.77
x towards -0.54
x under -0.72
x until -1.08
x up -1.67
x waist 0.49
x wall -0.80
x was -0.34
x way -0.58
x we 0.83
x we'll 1.63
x we're 0.84
x weight 1.16
x what 1.34
x when 1.47
x where -0.64
x while -0.28
x wide -0.59
x width -1.09
x will -0.45
x with -1.59
x without -0.44
x yet -0.67
x you 0.41
x you'll 1.10
x you're 0.34
x you've 0.30
x yourself -0.46
xy ACT ACT -0.62
xy ACT HAND -0.31
xy ACT NUMBER 1.36
xy ACT SIDE 1.09
xy ACT a 1.95
xy ACT all 0.91
xy ACT behind -0.45
xy ACT both 0.63
xy ACT breathe -0.53
xy ACT by -0.46
xy ACT down -0.53
xy ACT exhale -0.64
xy ACT first -0.52
xy ACT from -0.74
xy ACT half -0.62
xy ACT in -0.40
xy ACT into 0.78
xy ACT it 0.64
xy ACT keep -0.53
xy ACT my 0.23
xy ACT north 0.30
xy ACT on 0.71
xy ACT one 0.53
xy ACT onto 0.90
xy ACT out -0.43
xy ACT past -0.51
xy ACT round -0.37
xy ACT so -0.60
xy ACT straight -0.28
xy ACT that 0.38
xy ACT the 0.82
xy ACT then -0.53
xy ACT to 0.65
xy ACT too 0.47
xy ACT up 0.69
xy ACT you -0.61
xy ACT your 1.31
xy ACT yourself 0.41
xy FOOT ACT 0.60
xy FOOT HAND 1.28
xy FOOT and -0.41
xy FOOT are 0.61
xy FOOT back 0.46
xy FOOT first -0.44
xy FOOT is -0.54
xy FOOT not 0.81
xy FOOT of 0.80
xy FOOT out 0.74
xy FOOT over 0.60
xy FOOT parallel 1.21
xy FOOT then -0.64
xy FOOT together 0.79
xy HAND ACT 0.69
xy HAND by -0.35
xy HAND down 0.47
xy HAND on -0.39
xy HAND to 0.75
xy HAND up 1.66
xy HAND width -0.55
xy NUMBER ACT 1.55
xy NUMBER NUMBER -0.42
xy NUMBER SIDE -0.40
xy NUMBER degrees -0.99
xy NUMBER is -0.32
xy NUMBER more 1.20
xy SIDE ACT -0.77
xy SIDE FOOT 1.39
xy SIDE HAND 0.36
xy SIDE SIDE -0.50
xy SIDE again -0.38
xy SIDE breathe -0.45
xy SIDE brush 0.56
xy SIDE i -0.33
xy SIDE side 0.50
xy SIDE weight -0.52
xy a ACT -0.51
xy a bit -0.59
xy a little -0.53
xy about NUMBER -0.62
xy again FOOT -0.48
xy again the 0.32
xy all of -0.37
xy and NUMBER -0.57
xy and a -0.32
xy and again 1.13
xy and as 0.73
xy and back 0.97
xy and don't -0.63
xy and down 0.31
xy and exhale -0.83
xy and forward 0.90
xy and hold -0.86
xy and i 0.75
xy and i'm 1.18
xy and it -0.20
xy and look -0.62
xy and now 1.40
xy and out -0.34
xy and rest -0.53
xy and that's 0.66
xy and the -0.11
xy and then 0.36
xy and to 0.97
xy and we 0.22
xy and we're 0.49
xy and your -0.55
xy as the 0.80
xy as we -0.58
xy as you 1.19
xy as your -0.53
xy at the -0.41
xy back FOOT 1.24
xy back SIDE 0.68
xy back and -0.32
xy back down -0.56
xy back onto -0.40
xy back to 0.57
xy before you -0.36
xy behind you -0.48
xy bend the 1.01
xy bend your 0.73
xy beside it -0.40
xy beside the -0.61
xy between both -0.34
xy bow stance 0.46
xy breathe in 1.26
xy brush and 0.75
xy by ACT -0.41
xy by your -0.33
xy can ACT -0.75
xy cloud HAND 0.46
xy count of 0.47
xy do a 0.47
xy do it -0.39
xy do that 0.33
xy don't let 0.45
xy exhale and 1.54
xy finish with -0.42
xy first the -0.25
xy first then -0.60
xy flat ACT -0.37
xy for NUMBER -0.54
xy for a -0.45
xy forward again 0.42
xy front FOOT 0.66
xy front corner -0.28
xy half a -0.24
xy half way -0.34
xy have a 0.43
xy i ACT 0.56
xy i can -0.66
xy i'm ACT 1.11
xy i've got 0.48
xy in ACT -0.37
xy in a 0.61
xy in front -0.41
xy inhale ACT 0.64
xy into it -0.39
xy into the -0.63
xy it then 0.75
xy it there -0.40
xy keep it -0.37
xy keep your 1.27
xy last one 0.63
xy let me 1.09
xy let the 0.37
xy let them -0.63
xy let your 0.31
xy let's ACT 0.56
xy let's do 0.48
xy let's have 0.45
xy like a -0.38
xy like you're -0.47
xy look over 0.54
xy look to 0.41
xy make sure 0.84
xy make the -0.46
xy most of 0.52
xy my SIDE 0.44
xy my back 0.49
xy my weight 0.60
xy next one 0.46
xy next to -1.54
xy next we 0.67
xy no weight -0.62
xy now ACT 0.97
xy now and -0.97
xy now i 0.35
xy now i'm 0.43
xy now so -0.83
xy now the 1.26
xy now we 0.50
xy now we're 0.65
xy of the -0.69
xy of you -0.31
xy of your -0.40
xy off the -0.71
xy okay so 1.06
xy on both -0.36
xy on it -0.56
xy on its -0.34
xy on your -0.53
xy one ACT 0.65
xy only as -0.41
xy onto it -0.42
xy onto the -0.72
xy out ACT -0.41
xy out to 0.62
xy over NUMBER 0.67
xy part NUMBER 0.76
xy past the -0.35
xy pause for 0.80
xy play the 0.39
xy quarter ACT 0.49
xy rear FOOT 0.33
xy release the 0.95
xy repeat on 0.89
xy rests on -0.42
xy same on 0.79
xy shake it 0.62
xy side ACT 0.68
xy single whip 0.45
xy so FOOT 0.40
xy so NUMBER 0.51
xy so i -0.31
xy so i'm -0.55
xy so it's -0.77
xy so let 0.40
xy so now 1.22
xy so that -1.36
xy so that's 1.03
xy so the -0.44
xy so we 0.72
xy so your 0.35
xy soften the 0.53
xy start with 0.65
xy stay there 0.65
xy that ACT -0.63
xy that again -0.29
xy that way -0.28
xy that's the 0.81
xy the ACT -0.50
xy the floor -0.62
xy the last 0.68
xy the next 0.68
xy the other -0.37
xy the weight 0.35
xy then FOOT -1.36
xy then i 0.36
xy then we 0.41
xy then you 0.51
xy there for -0.39
xy this is 1.15
xy through the -0.37
xy to begin -0.33
xy to finish 0.65
xy to start -0.38
xy to the -1.55
xy to your -0.45
xy towards the -0.54
xy up on 0.53
xy waist SIDE 0.62
xy we ACT 0.87
xy we're gonna 0.35
xy weight ACT 0.67
xy weight NUMBER -0.48
xy weight SIDE 0.97
xy weight back 0.60
xy weight in 0.38
xy weight into 0.34
xy weight is 0.31
xy weight to 0.45
xy where it -0.34
xy with a -0.29
xy with it -0.29
xy with the -0.61
xy you ACT -0.84
xy you breathe -0.46
xy you can 0.63
xy you should 0.46
xy you're on 0.53
xy you've got 0.66
xy your FOOT -0.59
xy your HAND 0.40
xy your SIDE 0.73
xy your weight 0.11
xyz ACT ACT SIDE -0.32
xyz ACT ACT back -0.67
xyz ACT ACT forward 1.02
xyz ACT ACT it -0.30
xyz ACT ACT the -1.16
xyz ACT ACT with 1.41
xyz ACT ACT your -0.39
xyz ACT NUMBER NUMBER 0.40
xyz ACT NUMBER percent 0.74
xyz ACT SIDE ACT 0.42
xyz ACT SIDE FOOT -0.53
xyz ACT SIDE HAND -0.32
xyz ACT SIDE NUMBER 0.38
xyz ACT a ACT -0.31
xyz ACT a half 0.66
xyz ACT all of 0.67
xyz ACT all your 0.51
xyz ACT back ACT 0.89
xyz ACT back FOOT -1.33
xyz ACT back SIDE 0.66
xyz ACT back a -0.61
xyz ACT back and -0.88
xyz ACT back into 1.06
xyz ACT back on 0.75
xyz ACT back onto 1.17
xyz ACT back so -0.59
xyz ACT back with 0.71
xyz ACT by ACT -0.45
xyz ACT down ACT -0.45
xyz ACT down and -0.38
xyz ACT down first -0.50
xyz ACT down into 0.53
xyz ACT down on 0.50
xyz ACT down with 0.49
xyz ACT forward ACT -0.80
xyz ACT forward SIDE 0.60
xyz ACT forward into 0.79
xyz ACT forward on -0.37
xyz ACT forward onto 0.60
xyz ACT forward the -0.28
xyz ACT forward to -0.52
xyz ACT forward with 1.40
xyz ACT from the -0.74
xyz ACT in front -0.33
xyz ACT in the 1.23
xyz ACT into it 0.41
xyz ACT into the 0.40
xyz ACT it ACT -0.36
xyz ACT it down 1.73
xyz ACT it forward 0.70
xyz ACT it to -0.37
xyz ACT it up -0.42
xyz ACT my SIDE 0.34
xyz ACT on both 0.44
xyz ACT on it 0.48
xyz ACT on its -0.34
xyz ACT on the -1.07
xyz ACT on your 0.68
xyz ACT out ACT -0.73
xyz ACT out SIDE 0.72
xyz ACT out again -0.33
xyz ACT out to 0.37
xyz ACT out with 1.22
xyz ACT over to 0.44
xyz ACT that FOOT 0.40
xyz ACT the HAND -0.59
xyz ACT the SIDE 0.55
xyz ACT the back -0.46
xyz ACT the door -0.39
xyz ACT the floor -0.85
xyz ACT the waist 0.56
xyz ACT the weight 0.40
xyz ACT them out -0.44
xyz ACT then the -0.37
xyz ACT through and -0.54
xyz ACT through with 0.63
xyz ACT to ACT 0.93
xyz ACT to your 0.36
xyz ACT up ACT -0.71
xyz ACT up and -1.33
xyz ACT up breathe 0.51
xyz ACT up on 0.40
xyz ACT up onto 1.18
xyz ACT up tall 0.97
xyz ACT up the 1.50
xyz ACT up to -0.49
xyz ACT up with 0.88
xyz ACT up your 1.17
xyz ACT with the 0.49
xyz ACT with your 0.71
xyz ACT your FOOT -0.69
xyz ACT your SIDE 0.33
xyz ACT your body 0.28
xyz ACT your waist 0.50
xyz FOOT ACT SIDE 1.12
xyz FOOT ACT and 1.33
xyz FOOT ACT back 0.31
xyz FOOT ACT down 1.07
xyz FOOT ACT first 0.51
xyz FOOT ACT in -0.28
xyz FOOT ACT the -0.59
xyz FOOT ACT up -0.39
xyz FOOT HAND width 0.71
xyz FOOT back down 1.04
xyz FOOT down first -0.74
xyz FOOT down in 0.61
xyz FOOT first ACT -0.67
xyz FOOT in ACT 0.76
xyz FOOT of the 0.82
xyz FOOT out NUMBER 0.62
xyz FOOT out on 0.40
xyz FOOT then FOOT -0.60
xyz FOOT together ACT 0.37
xyz HAND ACT SIDE 0.56
xyz HAND ACT breathe 0.40
xyz HAND ACT down -0.63
xyz HAND ACT forward 0.34
xyz HAND ACT out -0.34
xyz HAND ACT up 1.14
xyz HAND on the -0.27
xyz NUMBER ACT SIDE -0.48
xyz NUMBER ACT your 0.98
xyz NUMBER NUMBER NUMBER -0.63
xyz NUMBER NUMBER degrees -1.16
xyz NUMBER percent ACT -0.47
xyz NUMBER percent of -0.40
xyz NUMBER percent the -0.69
xyz SIDE ACT on 0.78
xyz SIDE ACT the -0.34
xyz SIDE FOOT ACT 1.26
xyz SIDE FOOT and -0.69
xyz SIDE FOOT back 1.41
xyz SIDE FOOT can -0.42
xyz SIDE FOOT first -0.58
xyz SIDE FOOT is 0.92
xyz SIDE FOOT resting -0.41
xyz SIDE FOOT straight 0.42
xyz SIDE FOOT through -0.34
xyz SIDE FOOT to -0.62
xyz SIDE FOOT up 0.40
xyz SIDE HAND ACT 0.60
xyz SIDE HAND is 0.38
xyz SIDE SIDE FOOT -0.44
xyz SIDE SIDE SIDE 0.39
xyz SIDE i ACT -0.33
xyz SIDE side ACT 0.57
xyz again ACT the -0.57
xyz all the way -0.90
xyz all the weight 1.01
xyz and ACT # -0.57
xyz and ACT NUMBER 0.47
xyz and ACT SIDE -0.61
xyz and ACT again 1.06
xyz and ACT and 0.47
xyz and ACT back 0.67
xyz and ACT behind -0.51
xyz and ACT down -0.43
xyz and ACT forward 0.97
xyz and ACT into -0.56
xyz and ACT my 0.96
xyz and ACT out 1.09
xyz and ACT them -0.67
xyz and ACT to -0.24
xyz and ACT up -0.39
xyz and ACT with -0.69
xyz and as you 0.62
xyz and back to 0.84
xyz and breathe in -0.96
xyz and let it 0.43
xyz and let the -0.38
xyz and my SIDE 0.42
xyz and out to -0.55
xyz and the FOOT -0.52
xyz and the front -0.48
xyz and the weight -0.60
xyz and you ACT -0.37
xyz and your FOOT -0.70
xyz as the SIDE -0.33
xyz as the weight 1.38
xyz as you ACT -0.78
xyz as you do 0.72
xyz as you exhale 0.67
xyz as you inhale 1.30
xyz back ACT the -0.32
xyz back FOOT ACT 1.36
xyz back FOOT out 0.62
xyz back on the 0.46
xyz back to ACT 0.65
xyz before you ACT -0.36
xyz bend the FOOT 0.46
xyz bend the SIDE 0.55
xyz bend your FOOT 0.73
xyz beside the SIDE -0.47
xyz between both FOOT -0.34
xyz both HAND ACT 1.15
xyz breathe in ACT 0.67
xyz breathe in HAND -0.66
xyz breathe in and -0.52
xyz breathe in as 1.15
xyz breathe in when 0.87
xyz breathe out ACT -1.02
xyz breathe out and 0.35
xyz breathe out as 0.63
xyz breathe out now -1.00
xyz breathe out when 0.34
xyz brush and ACT 0.75
xyz count of NUMBER 0.47
xyz exhale ACT the -0.37
xyz exhale and ACT 0.31
xyz first ACT your 0.30
xyz from the SIDE 0.50
xyz front FOOT ACT 0.70
xyz half ACT with 1.34
xyz half a ACT -0.24
xyz hold the HAND -0.35
xyz i ACT my 0.58
xyz i ACT the -0.61
xyz i want you 0.23
xyz i'm ACT to -0.59
xyz if you can -1.31
xyz if you need -0.97
xyz in the SIDE -0.34
xyz inhale ACT the 0.36
xyz into the SIDE -0.57
xyz it ACT out 0.71
xyz let it ACT 0.74
xyz let the breath 0.72
xyz let the weight 0.43
xyz let your HAND -0.72
xyz let your SIDE 0.58
xyz let your weight 0.57
xyz look to the 0.41
xyz most of your -0.21
xyz next to the -0.73
xyz next we ACT 0.67
xyz now ACT forward 0.43
xyz now ACT out 0.32
xyz now ACT your -0.34
xyz now the SIDE 0.48
xyz now we ACT 0.39
xyz now we're ACT 0.52
xyz off the floor -0.46
xyz on both FOOT -0.35
xyz on its FOOT -0.34
xyz on the FOOT -1.20
xyz on the SIDE -1.42
xyz on the floor -0.36
xyz on the other 0.39
xyz on your SIDE -0.40
xyz one NUMBER NUMBER 0.56
xyz onto the SIDE -0.58
xyz out to the 0.72
xyz over NUMBER counts 0.80
xyz over the SIDE -0.47
xyz pause for NUMBER 0.59
xyz play the lute 0.46
xyz rear FOOT ACT 0.45
xyz repeat on the 0.89
xyz same on the 0.80
xyz so ACT the 0.38
xyz so NUMBER percent 0.55
xyz so SIDE FOOT 0.30
xyz so i'm ACT -0.37
xyz so let it 0.40
xyz so that the -0.32
xyz so that your -0.58
xyz so the FOOT -0.64
xyz so the weight -0.48
xyz so we're ACT -0.40
xyz soften the FOOT 0.53
xyz the FOOT ACT 0.42
xyz the FOOT and -0.44
xyz the FOOT down -0.46
xyz the FOOT of 1.17
xyz the SIDE ACT -0.43
xyz the SIDE FOOT 1.13
xyz the SIDE HAND 1.80
xyz the back FOOT 0.66
xyz the rear FOOT 0.40
xyz the waist ACT 0.84
xyz the weight ACT 0.93
xyz the weight in -0.45
xyz the weight is 0.81
xyz the weight on -0.38
xyz the weight to -0.29
xyz then ACT back 0.59
xyz then ACT the 0.45
xyz then ACT to -0.43
xyz then FOOT ACT -0.35
xyz then i ACT 0.36
xyz then the FOOT -1.00
xyz then the SIDE 0.96
xyz then the weight 0.55
xyz then you ACT 0.57
xyz to ACT the -0.50
xyz to the SIDE -0.84
xyz to your SIDE -0.29
xyz up ACT the 0.67
xyz up on the 0.54
xyz we ACT back -0.98
xyz we ACT onto 0.52
xyz we ACT the -1.03
xyz weight ACT across 0.29
xyz weight ACT forward -0.52
xyz weight ACT it 0.34
xyz weight ACT to 0.35
xyz weight back on 0.57
xyz weight back to 0.43
xyz weight forward SIDE -0.81
xyz weight forward to 0.43
xyz weight in the 0.88
xyz weight into the 0.62
xyz weight on both -0.49
xyz weight onto it -0.33
xyz weight onto the 0.52
xyz weight over to 0.33
xyz weight to the 0.75
xyz with the FOOT -0.57
xyz with the SIDE -0.43
xyz with the weight 0.58
xyz you ACT back 0.39
xyz you ACT forward -0.34
xyz you should be 0.46
xyz you're ACT the 0.32
xyz your HAND ACT 0.71
xyz your SIDE FOOT 0.73
xyz your SIDE HAND 0.64
xyz your weight ACT 0.58
xyz your weight is 0.64
xyz your weight on -0.44
xyz your weight onto -0.37
y # -1.60
y FOOT -0.41
y NUMBER -0.41
y SIDE -0.55
y about -0.68
y again 1.02
y ahead -0.31
y all 0.37
y an 0.43
y and -1.27
y apart -0.83
y are 0.72
y at -0.74
y back 0.57
y begin 1.20
y behind -1.00
y beside -0.51
y big -0.38
y body 0.45
y bow -0.81
y by -0.56
y careful 0.67
y change 0.38
y count -0.38
y degrees -1.09
y doing 0.40
y don't -0.62
y down 0.54
y equal -0.62
y even -0.56
y evenly -0.41
y everything 0.58
y fall 0.32
y far -0.80
y finish 1.12
y first -0.52
y flat -0.59
y floor -0.62
y front -0.44
y gonna 0.62
y got 0.69
y have -0.51
y here 0.34
y hips -0.50
y home 0.45
y horse -0.45
y how 0.49
y i 0.33
y i've -0.61
y if -0.75
y in -0.83
y instead -0.37
y into -0.44
y inward -0.41
y inwards -0.41
y is 0.62
y its -0.63
y leave -0.48
y let's 0.36
y light -0.65
y like -1.00
y little -0.78
y make -0.36
y middle -0.52
y moment 0.53
y more 1.06
y most 0.87
y movement 0.69
y north 0.29
y not 0.78
y nothing 1.04
y of 0.42
y okay -0.56
y one 0.46
y only -0.46
y over 0.66
y parallel 0.64
y part 0.69
y pause 0.65
y play -0.41
y pushing -0.60
y repeat 0.43
y rest -0.58
y rests -0.65
y rush 0.69
y same -0.70
y shake -0.53
y share 0.63
y should 1.12
y slightly -0.55
y small 0.34
y so -1.53
y some 1.08
y start 0.94
y stay -0.45
y stays -0.32
y stop 0.44
y straight -0.69
y strike -0.49
y sure 0.84
y tall 0.29
y that 0.80
y that's 0.76
y them -0.28
y there 1.51
y they -0.46
y thing 0.70
y this 1.26
y time 0.55
y to -0.85
y today -0.32
y together -0.39
y touching -0.42
y under 0.66
y waist 0.62
y water 0.58
y way -0.88
y we 0.43
y week -0.37
y when 0.70
y where -0.43
y whip 0.45
y white 0.65
y width -0.74
y you'll -0.33
y you've -0.50
y your 0.39
y yourself 0.81
"""
