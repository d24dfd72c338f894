"""How much each sign speaks for a pause. Made by `make pauses`; not to be edited by hand."""

TABLE = """\
 -2.53
a # -1.62
a NUMBER 1.38
a a 0.51
a again -0.77
a ahead -0.69
a and -0.47
a apart -0.57
a as -1.43
a at -0.31
a away -0.37
a back -0.51
a backwards 0.46
a behind 0.85
a bent -0.67
a beside 0.86
a between 0.31
a bit 0.88
a body -0.52
a brush 0.34
a but -0.41
a chest 0.94
a corner -0.42
a counts -0.41
a degrees -0.59
a don't -0.86
a each 0.28
a end -0.51
a equal 0.28
a even 0.36
a evenly -0.46
a exhale 0.30
a fall 0.58
a finish -0.41
a first -1.28
a floor -0.92
a for 0.31
a forty-five 0.51
a forward -0.50
a from -0.55
a get 0.62
a hang 0.29
a has 0.56
a heal 0.69
a height -0.52
a hello -0.29
a hips 0.67
a hold -0.60
a i -0.62
a i'm -0.32
a if -0.63
a inhale -0.90
a into 0.37
a it 0.37
a its 1.23
a let -1.13
a let's -0.81
a little 0.64
a low 0.60
a make -0.68
a me -0.56
a meet 0.63
a middle -0.48
a more -0.30
a my 0.40
a need 0.84
a no 0.56
a not 0.67
a now -1.20
a of 0.63
a off -0.40
a okay -0.76
a onto 0.46
a our -0.41
a parallel -0.33
a part -0.34
a percent 0.42
a pointing 0.53
a posture -0.43
a punch -0.64
a rear 0.33
a round -0.45
a rush 0.52
a same 1.23
a seconds -0.45
a section 0.55
a shake -0.30
a shared 0.21
a should -0.37
a single 0.56
a slightly 1.23
a so -1.12
a solid 0.45
a stay -0.81
a strike 0.67
a that's -0.57
a the 0.65
a them 0.70
a there -0.76
a they 0.42
a thing 0.27
a third -0.36
a those -0.38
a time -0.54
a times 0.38
a until -0.52
a up -0.31
a wall 0.93
a want 0.60
a we -0.80
a we're -0.77
a welcome -0.44
a when -0.61
a where -0.55
a whole 0.53
a with 0.30
a without 0.30
a yet -0.35
a you're -0.82
ab ACT HAND 0.61
ab ACT NUMBER -0.67
ab ACT a -0.38
ab ACT across 0.65
ab ACT along 0.43
ab ACT away 0.94
ab ACT backwards -0.33
ab ACT closer 0.48
ab ACT down 0.19
ab ACT exhale -0.66
ab ACT first -0.38
ab ACT forwards -0.53
ab ACT in 0.80
ab ACT into -0.44
ab ACT it -0.39
ab ACT my -0.37
ab ACT north 0.62
ab ACT now -0.51
ab ACT off 0.32
ab ACT one -0.69
ab ACT onto -0.44
ab ACT over -0.59
ab ACT round 0.84
ab ACT sideways -0.41
ab ACT so -0.45
ab ACT stance 0.32
ab ACT the -0.55
ab ACT through 1.48
ab ACT to -0.62
ab ACT too -0.56
ab ACT with -0.54
ab ACT your -0.62
ab FOOT FOOT -0.59
ab FOOT SIDE -0.50
ab FOOT and -0.67
ab FOOT as -0.34
ab FOOT behind 0.41
ab FOOT by -0.35
ab FOOT completely 0.94
ab FOOT first 1.21
ab FOOT forward 0.27
ab FOOT front 0.42
ab FOOT in 1.21
ab FOOT is -0.86
ab FOOT now 0.50
ab FOOT okay 0.31
ab FOOT outward -0.43
ab FOOT parallel -0.52
ab FOOT slightly -0.31
ab FOOT so -0.54
ab FOOT stays 0.62
ab FOOT straight 0.32
ab FOOT then -0.36
ab FOOT to -0.37
ab FOOT together -0.35
ab FOOT touching 1.03
ab FOOT until -0.30
ab FOOT up 0.30
ab FOOT weight -0.34
ab FOOT while -0.41
ab FOOT will -0.42
ab FOOT you -0.38
ab HAND up -0.67
ab HAND width 0.82
ab NUMBER ACT -0.49
ab NUMBER NUMBER 1.03
ab NUMBER breaths 1.12
ab NUMBER is -0.34
ab NUMBER o'clock 0.75
ab SIDE ACT -0.40
ab SIDE HAND 0.40
ab SIDE NUMBER 0.44
ab SIDE and -0.44
ab SIDE corner 0.79
ab SIDE diagonal 1.29
ab SIDE exhale -0.61
ab SIDE front 0.39
ab SIDE hip 0.61
ab SIDE side 0.66
ab SIDE weight -0.52
ab a ACT 0.64
ab a big -0.39
ab a bit 0.44
ab a breath 0.53
ab a half -0.30
ab a small -0.37
ab about NUMBER 0.60
ab an ACT -0.93
ab and ACT 1.33
ab and NUMBER 0.73
ab and SIDE 0.74
ab and again -0.77
ab and breathe 0.78
ab and down 1.24
ab and exhale 0.80
ab and forward -0.47
ab and it -0.76
ab and let -0.36
ab and now -0.30
ab and rest 0.46
ab and then -0.37
ab and we -0.44
ab and you -0.83
ab as you -1.08
ab back ACT -0.83
ab back FOOT 0.39
ab back down 1.09
ab back in 0.61
ab begin with 0.62
ab behind you 1.18
ab beside it 0.49
ab big ACT 0.24
ab bit ACT -0.28
ab bit now -0.65
ab both FOOT 0.39
ab both HAND -0.30
ab breath out 0.82
ab breathe in 0.32
ab brush FOOT -0.49
ab by ACT -0.35
ab can ACT 0.34
ab cloud HAND 0.38
ab completely ACT -0.21
ab corner FOOT 0.32
ab do not -0.37
ab do that 0.50
ab don't ACT -0.31
ab down ACT -0.40
ab down FOOT -0.37
ab down first 1.34
ab down in -0.26
ab down now -0.35
ab end up -0.47
ab exhale ACT 0.90
ab forty-five degrees 0.56
ab forward SIDE 0.69
ab forward again 0.56
ab front ACT -0.20
ab front FOOT -0.65
ab front corner 0.40
ab half ACT -0.35
ab half way 0.47
ab hip width 0.34
ab horse stance 0.67
ab i'm ACT -0.42
ab in HAND -0.39
ab in NUMBER 0.59
ab in front 1.23
ab in it -0.27
ab inhale ACT -0.42
ab into it 1.07
ab is ACT 0.29
ab is called -0.36
ab is comfortable 1.17
ab is in -0.50
ab it ACT -0.25
ab it FOOT -0.33
ab it NUMBER -0.57
ab it breathe 0.61
ab it forward 0.63
ab it in 0.91
ab it is 1.66
ab it out -0.41
ab it over 0.40
ab it straight -0.36
ab its FOOT 0.67
ab keep it -0.36
ab last one -0.54
ab let it -0.71
ab let me -0.42
ab let them -0.41
ab like you're -0.31
ab little bit 0.56
ab meet it 0.63
ab my HAND 0.45
ab my weight -0.44
ab need to 0.38
ab no weight 0.99
ab not too -0.28
ab now SIDE 0.37
ab of NUMBER 0.89
ab of you 1.07
ab on it 0.82
ab on top 0.70
ab one ACT 0.82
ab one FOOT -0.64
ab onto it 0.72
ab onto that 0.35
ab other FOOT 1.38
ab other side -0.23
ab our FOOT -0.43
ab out FOOT -0.41
ab out NUMBER 0.57
ab out SIDE 0.93
ab out breath 1.16
ab out now -0.57
ab percent in -0.38
ab right back 0.38
ab side ACT 0.40
ab so SIDE 0.66
ab stance SIDE -0.53
ab start with 0.66
ab straight ahead 0.58
ab that FOOT 1.04
ab that again 0.53
ab that way 0.79
ab the ACT 1.10
ab the HAND -0.97
ab the door 0.73
ab the first -1.08
ab the floor 0.85
ab the next -0.31
ab the room 0.55
ab the same -0.45
ab the side 0.52
ab the waist 0.47
ab the way -0.35
ab the weight -0.88
ab the whole -0.36
ab the window 0.45
ab then FOOT 0.80
ab then you -0.48
ab they ACT 0.71
ab third one -0.36
ab to ACT 0.75
ab to HAND -0.51
ab to NUMBER 0.39
ab to SIDE 0.40
ab to finish 0.48
ab to it 0.77
ab to start 0.41
ab to you 0.70
ab together ACT 0.40
ab way round -0.29
ab we're ACT -0.27
ab weight ACT 0.53
ab weight SIDE -0.78
ab weight back -0.18
ab weight even 0.63
ab weight in -0.52
ab weight on -0.38
ab weight onto -0.33
ab weight out 0.51
ab weight over 0.69
ab weight stays -0.39
ab when you -0.43
ab where it -0.37
ab white crane 0.50
ab with it 0.36
ab with you 0.79
ab you ACT 1.19
ab you are 0.46
ab you can 0.73
ab you could -0.45
ab you exhale -0.67
ab you're ACT -0.64
ab your ACT -0.56
ab your HAND 0.71
ab your chair -0.64
abx ACT ACT ACT -0.61
abx ACT ACT SIDE -0.37
abx ACT ACT the -0.27
abx ACT ACT your 0.73
abx ACT SIDE ACT -0.85
abx ACT SIDE NUMBER 0.77
abx ACT SIDE and -1.01
abx ACT SIDE weight -0.30
abx ACT back ACT -1.02
abx ACT back FOOT 0.69
abx ACT back SIDE -0.79
abx ACT down and -0.46
abx ACT down next 0.36
abx ACT down on 0.58
abx ACT forward ACT -0.83
abx ACT forward again -0.39
abx ACT forward and -0.72
abx ACT in NUMBER -0.37
abx ACT in and -0.96
abx ACT in the -0.51
abx ACT it ACT 1.20
abx ACT it and -0.74
abx ACT it back -0.53
abx ACT one ACT -0.39
abx ACT out and 0.92
abx ACT out weight 0.55
abx ACT out with -0.29
abx ACT through the -0.42
abx ACT up ACT 1.09
abx ACT up breathe -0.67
abx ACT up the -1.18
abx ACT up your -0.49
abx ACT your weight -0.29
abx FOOT ACT NUMBER -0.36
abx FOOT ACT and -1.07
abx FOOT ACT half -0.37
abx FOOT ACT the 0.67
abx FOOT ACT up -0.26
abx FOOT ACT your -0.33
abx FOOT NUMBER ACT -0.84
abx FOOT again and -0.57
abx FOOT back and -0.57
abx FOOT by ACT -0.34
abx FOOT down first -0.37
abx FOOT first ACT 0.86
abx FOOT first and -0.61
abx FOOT first weight -0.60
abx FOOT in ACT -1.00
abx FOOT in FOOT -0.32
abx FOOT in and -0.38
abx FOOT in half -0.33
abx FOOT in so 0.29
abx FOOT in to -0.30
abx FOOT is now -0.39
abx FOOT out ACT -0.81
abx FOOT out NUMBER -0.40
abx FOOT out and -0.59
abx FOOT out weight -0.50
abx FOOT together HAND -0.42
abx FOOT together and -1.01
abx FOOT up ACT -0.51
abx FOOT up and -0.49
abx FOOT up half -0.45
abx HAND ACT SIDE 0.96
abx HAND ACT and -0.53
abx HAND ACT breathe -0.51
abx HAND width apart -0.57
abx NUMBER NUMBER ACT 0.45
abx NUMBER NUMBER NUMBER -0.29
abx NUMBER NUMBER degrees -0.79
abx NUMBER degrees and -0.37
abx NUMBER degrees the 0.70
abx NUMBER o'clock ACT 0.29
abx NUMBER percent ACT 0.58
abx NUMBER percent of -0.28
abx NUMBER percent the 0.75
abx NUMBER seconds ACT 0.46
abx SIDE FOOT ACT -0.55
abx SIDE FOOT FOOT 0.73
abx SIDE FOOT all -0.60
abx SIDE FOOT as -0.30
abx SIDE FOOT back -0.62
abx SIDE FOOT can -0.29
abx SIDE FOOT in -0.53
abx SIDE FOOT is -0.34
abx SIDE FOOT now -0.26
abx SIDE FOOT out -0.75
abx SIDE FOOT so 0.90
abx SIDE FOOT that 0.53
abx SIDE FOOT the 0.32
abx SIDE FOOT until -0.33
abx SIDE FOOT your 0.40
abx SIDE HAND ACT -0.59
abx SIDE HAND brushes -0.40
abx SIDE SIDE SIDE -0.79
abx SIDE again ACT -0.45
abx SIDE corner and -0.78
abx a ACT ACT -0.63
abx a half ACT -0.30
abx a little ACT 0.33
abx a small ACT -0.37
abx and ACT NUMBER -0.43
abx and ACT again -0.29
abx and ACT all -0.38
abx and ACT and 0.70
abx and ACT back 0.42
abx and ACT it -0.62
abx and ACT my -0.62
abx and ACT the -0.75
abx and ACT with -0.39
abx and you ACT -0.53
abx as you ACT -0.41
abx back ACT SIDE -0.36
abx back FOOT ACT -0.86
abx back FOOT the -0.44
abx behind you ACT 0.68
abx both HAND ACT -0.34
abx breathe in ACT -0.71
abx breathe in HAND 0.45
abx breathe in and 1.29
abx breathe in the 0.43
abx breathe in when -0.46
abx breathe out and -0.94
abx breathe out as -0.55
abx breathe out now 0.51
abx breathe out when -0.61
abx brush FOOT SIDE -0.43
abx for NUMBER seconds -0.29
abx i ACT my -0.49
abx in front ACT 0.41
abx in front and -0.47
abx in front of -0.46
abx into it ACT 0.39
abx into it SIDE -0.33
abx into it and -1.31
abx is in the -0.32
abx it up and -0.36
abx its FOOT ACT 0.40
abx let it ACT -0.64
abx let them ACT -0.40
abx my SIDE FOOT -0.35
abx on it and -0.44
abx onto it SIDE 0.32
abx onto it and -0.54
abx onto it the 0.42
abx that FOOT ACT -0.42
abx the ACT ACT 0.32
abx the ACT FOOT -0.84
abx the ACT so -0.38
abx the FOOT are -0.33
abx the FOOT let 0.29
abx the FOOT now 0.46
abx the FOOT of -0.38
abx the FOOT out 0.61
abx the FOOT so -0.44
abx the FOOT the 0.80
abx the FOOT then -0.46
abx the FOOT touching -0.37
abx the HAND ACT -0.77
abx the SIDE FOOT -1.14
abx the SIDE HAND -1.26
abx the SIDE and -0.79
abx the SIDE as -0.69
abx the SIDE corner -0.74
abx the SIDE diagonal -0.43
abx the SIDE front -0.40
abx the SIDE hip -0.49
abx the SIDE let -0.66
abx the SIDE side -0.56
abx the SIDE until -0.35
abx the SIDE your 0.96
abx the back ACT 0.77
abx the back FOOT -0.76
abx the corner ACT -0.41
abx the floor and -0.63
abx the front FOOT -1.04
abx the front and 0.61
abx the middle and -0.35
abx the other FOOT -0.35
abx the other side -0.38
abx the side ACT 0.88
abx the side about -0.32
abx the side and -0.62
abx the weight ACT -0.85
abx the weight on 0.67
abx then FOOT ACT 0.56
abx then you ACT -0.38
abx to ACT so 1.01
abx to ACT the -0.44
abx to SIDE FOOT 0.37
abx up ACT SIDE 0.53
abx weight SIDE ACT -0.28
abx weight forward SIDE 0.48
abx width apart and -0.73
abx you ACT on 0.59
abx you ACT the 0.41
abx you can ACT -1.12
abx you could ACT -0.45
abx your FOOT ACT -0.46
abx your SIDE ACT 0.48
abx your SIDE FOOT -0.62
abx your SIDE HAND -0.51
abx your weight ACT -0.42
abx your weight on -0.33
b FOOT 0.92
b HAND 0.90
b NUMBER -0.76
b SIDE 1.38
b a -2.27
b about -0.93
b across 0.45
b again 0.82
b ahead 1.25
b all -0.99
b altogether 1.05
b an -0.53
b and -4.12
b apart 1.81
b are -0.39
b around 0.30
b arrives 0.53
b as -1.92
b at -0.78
b away 1.00
b be -0.47
b because -0.38
b becomes -0.38
b begin -0.49
b behind 0.38
b bent 0.38
b beside -0.85
b between -0.57
b big -0.82
b body -0.47
b both -0.97
b breath 1.10
b breathe 0.81
b breaths 1.33
b brush -0.63
b but -0.59
b by -1.09
b called -0.39
b change 0.19
b chest 0.50
b closer 0.48
b cloud 0.41
b comfortable 1.16
b completely 0.60
b corner 1.94
b could -0.45
b degrees 0.67
b diagonal 1.14
b do -1.09
b don't -1.55
b door 0.73
b down 1.08
b each -0.39
b ear 1.08
b east 1.24
b equally 1.74
b even 1.52
b evenly 1.19
b far 0.62
b feel -0.63
b finish -0.36
b first 0.76
b flat 0.95
b floor 0.85
b for -1.51
b forward 1.08
b forwards 0.98
b fridge 0.84
b from -0.63
b front 1.22
b get -0.30
b gonna -0.37
b got -0.48
b half -0.46
b hang 0.95
b has -0.31
b have -0.48
b height 1.03
b here 1.76
b high 1.58
b hip 0.85
b hold -0.91
b home 0.58
b i -2.05
b i'm -1.37
b if -1.28
b inhale -1.52
b into -1.55
b inwards 1.17
b is -1.24
b it 1.20
b it's -0.71
b its -0.67
b keep -1.21
b last -0.56
b lesson -0.43
b let -1.55
b let's -1.25
b level 1.28
b light 1.03
b line 1.15
b little -0.36
b lute 0.34
b make -0.74
b mane 0.68
b me 0.81
b middle 1.24
b moment 0.40
b morning 0.60
b movement 0.22
b my -1.79
b next -1.37
b no -1.01
b north 0.85
b nose 0.52
b not -0.78
b nothing -0.38
b now -0.92
b o'clock 0.73
b of -2.10
b off -0.64
b ok -1.21
b okay -1.46
b on -1.74
b one -0.48
b only -0.68
b onto -1.43
b or -0.82
b our -0.98
b out 0.91
b outwards 0.85
b parallel 0.65
b past -0.71
b pause -0.38
b people -0.75
b posture -0.59
b punch 0.87
b pushing 0.71
b quarter -0.42
b rest 0.70
b right 0.31
b room 1.34
b same -0.71
b seconds 0.61
b section 0.64
b see -0.44
b should -0.57
b side 1.25
b sides 1.55
b sideways -0.41
b single -0.49
b small -0.61
b so -2.71
b soft 1.00
b solid 0.81
b sorry -0.57
b stance 0.80
b stop 0.36
b straight 1.37
b that -0.84
b that's -1.09
b the -3.82
b them 0.90
b then -2.51
b there 1.45
b they -0.91
b this -0.79
b to -2.10
b today 0.38
b together 1.68
b top 0.36
b touching 1.54
b towards -0.36
b until -0.92
b up 0.48
b waist -0.55
b wall 1.32
b want -0.36
b was 0.64
b water -0.82
b we -2.02
b we'll -0.69
b we're -1.37
b week 0.56
b what -0.90
b when -1.09
b where -0.68
b while -0.58
b white -0.49
b whole -0.53
b wide 1.04
b width 1.60
b will -0.55
b window 0.45
b with -1.42
b without -0.89
b yet 1.55
b you're -1.52
b you've -0.34
b your -2.73
bx ACT ACT 1.43
bx ACT FOOT 0.46
bx ACT HAND 0.69
bx ACT NUMBER -0.29
bx ACT SIDE -0.80
bx ACT across -0.38
bx ACT all -0.87
bx ACT as 0.56
bx ACT back -1.85
bx ACT down -0.55
bx ACT exhale 0.63
bx ACT forward -1.08
bx ACT forwards -0.40
bx ACT from -0.43
bx ACT i 0.65
bx ACT in -0.48
bx ACT into -0.47
bx ACT it -1.40
bx ACT my -0.78
bx ACT now 1.02
bx ACT onto -0.43
bx ACT out -0.77
bx ACT over -0.52
bx ACT round -0.25
bx ACT so 0.54
bx ACT straight -0.31
bx ACT that -0.52
bx ACT the -1.92
bx ACT them -0.59
bx ACT then 0.73
bx ACT those 0.36
bx ACT through -0.51
bx ACT up -0.96
bx ACT with 0.51
bx ACT your -1.83
bx FOOT ACT -0.90
bx FOOT FOOT 0.55
bx FOOT NUMBER 0.83
bx FOOT SIDE 0.37
bx FOOT a -0.40
bx FOOT again -0.57
bx FOOT are -0.65
bx FOOT at -0.41
bx FOOT back -0.52
bx FOOT bend 0.38
bx FOOT can -0.29
bx FOOT completely -0.47
bx FOOT don't 0.55
bx FOOT down -0.67
bx FOOT exhale 0.71
bx FOOT first -1.70
bx FOOT front 0.39
bx FOOT half -0.39
bx FOOT i 0.36
bx FOOT in -0.69
bx FOOT is -0.66
bx FOOT keep 1.08
bx FOOT let 0.86
bx FOOT my 0.77
bx FOOT not -0.39
bx FOOT now -0.42
bx FOOT of -0.43
bx FOOT on -0.45
bx FOOT out -0.45
bx FOOT outward -0.37
bx FOOT over -0.31
bx FOOT parallel -0.53
bx FOOT same -0.42
bx FOOT should -0.34
bx FOOT stays -0.46
bx FOOT that 0.94
bx FOOT the 1.60
bx FOOT then -0.75
bx FOOT together -0.86
bx FOOT touching -0.67
bx FOOT up -0.55
bx FOOT we 0.72
bx FOOT while -0.71
bx FOOT without -0.31
bx FOOT you 0.94
bx FOOT your 0.96
bx HAND ACT -1.54
bx HAND brushes -0.40
bx HAND now 0.36
bx HAND so 0.27
bx HAND up -0.31
bx HAND width -0.64
bx HAND with 0.81
bx NUMBER ACT -0.44
bx NUMBER NUMBER -1.49
bx NUMBER SIDE 0.55
bx NUMBER and -0.54
bx NUMBER counts -0.41
bx NUMBER degrees -0.97
bx NUMBER o'clock -0.35
bx NUMBER percent -0.84
bx NUMBER seconds -0.30
bx NUMBER the 0.51
bx SIDE FOOT -2.97
bx SIDE HAND -1.91
bx SIDE SIDE 0.29
bx SIDE and -0.75
bx SIDE as -0.69
bx SIDE breathe 0.50
bx SIDE corner -0.74
bx SIDE diagonal -0.43
bx SIDE exhale 0.45
bx SIDE front -0.57
bx SIDE hip -0.60
bx SIDE let's -0.47
bx SIDE side -0.94
bx SIDE the 1.05
bx SIDE then -1.08
bx SIDE until -0.35
bx SIDE your 0.53
bx a ACT -0.54
bx about NUMBER -0.73
bx again ACT -0.46
bx again and -0.58
bx again now 0.44
bx all the -0.57
bx an ACT -0.36
bx and ACT -1.28
bx and let -0.43
bx and then -0.41
bx apart and -0.31
bx as the -0.53
bx as you -0.41
bx at the -0.36
bx away from -0.57
bx back ACT 0.65
bx back FOOT -0.61
bx back the 1.11
bx back weight 0.52
bx behind ACT 1.22
bx behind and 0.72
bx behind the -0.45
bx behind you -0.95
bx bend the -0.62
bx beside the -0.40
bx big ACT -0.41
bx bit ACT -0.49
bx bit now 0.57
bx body ACT -0.42
bx both FOOT -0.54
bx both HAND -0.33
bx bow stance -0.49
bx breathe in -0.61
bx breathe out -0.71
bx by ACT -0.50
bx can ACT -1.78
bx cloud HAND -0.46
bx corner NUMBER 0.57
bx corner and -0.51
bx corner weight 0.30
bx corner with -0.40
bx could ACT -0.45
bx degrees and -0.37
bx degrees the 1.18
bx don't ACT -0.74
bx don't let -0.48
bx down ACT 0.65
bx down FOOT 0.73
bx down and -0.25
bx down behind -0.39
bx down breathe -0.67
bx down first -0.86
bx down now 0.56
bx exhale and -0.50
bx first NUMBER 0.75
bx first and -0.39
bx first then -1.54
bx flat ACT 0.98
bx floor and -0.63
bx for NUMBER -0.46
bx forward ACT 0.45
bx forward FOOT 1.04
bx forward NUMBER -0.58
bx forward again -0.59
bx forward and -1.58
bx forward as -0.47
bx forward the 0.76
bx forward weight -0.73
bx forward with -0.35
bx from the -0.71
bx front ACT 0.78
bx front FOOT -1.22
bx front of -0.46
bx half ACT -1.01
bx height ACT 0.95
bx here ACT 0.36
bx hips ACT -0.52
bx i ACT -1.21
bx i'm ACT -0.91
bx if you -0.40
bx in ACT 0.72
bx in FOOT -0.58
bx in NUMBER -0.62
bx in a -0.42
bx in front -0.89
bx in half -0.48
bx in i -0.40
bx in inhale -0.44
bx in it 0.46
bx in my -0.41
bx in now 0.63
bx in on 0.79
bx in the -0.18
bx in to -0.43
bx in when -0.54
bx in your -0.48
bx inhale ACT -0.92
bx into the -0.66
bx is ACT -0.97
bx is now -0.26
bx it ACT -0.63
bx it FOOT -0.68
bx it SIDE 0.35
bx it all -0.68
bx it back -0.57
bx it breathe 0.61
bx it down -0.37
bx it over -0.65
bx it so -0.57
bx it the 1.39
bx it then -0.54
bx it to 0.78
bx it with 0.51
bx its FOOT -0.44
bx let the -0.75
bx let your -0.44
bx let's ACT -0.53
bx like you're -0.50
bx middle and -0.35
bx my SIDE -0.71
bx my weight -0.52
bx no weight -0.49
bx now ACT -1.34
bx now FOOT 0.65
bx now SIDE -0.31
bx now i -0.49
bx now i'm -0.51
bx now so 0.63
bx now the -0.74
bx now we -0.60
bx now we're -0.46
bx now your -0.30
bx o'clock ACT 0.29
bx of the -0.60
bx off the -0.55
bx on the -1.04
bx on your -0.35
bx one ACT -0.74
bx onto the -0.73
bx other FOOT -0.35
bx other side -0.38
bx our weight -0.60
bx out ACT 0.64
bx out FOOT 0.75
bx out NUMBER -0.81
bx out SIDE -0.51
bx out as -0.82
bx out breath -0.54
bx out now 0.93
bx out the 0.73
bx out to -0.49
bx out when -0.86
bx out with -0.36
bx over and 0.40
bx over the -0.66
bx over your -0.48
bx part NUMBER -0.59
bx past the -0.48
bx percent ACT 0.58
bx percent of -0.28
bx percent the 0.75
bx quarter ACT -0.42
bx rear FOOT -0.41
bx seconds ACT 0.46
bx side about -0.32
bx side and -0.59
bx side so -0.89
bx side the 1.10
bx small ACT -0.61
bx so ACT -0.72
bx so now -0.41
bx stance SIDE -0.57
bx stance and 0.38
bx stance so -0.65
bx straight ahead -0.51
bx that FOOT -0.45
bx that the -0.34
bx the FOOT -0.35
bx the SIDE -1.16
bx the weight -0.74
bx then ACT -1.03
bx then i -0.31
bx there for -0.49
bx they ACT -0.62
bx thing ACT -0.73
bx through and -0.65
bx through the -0.84
bx to ACT -1.25
bx to finish -0.33
bx to the -0.97
bx together HAND -0.42
bx together and -1.29
bx together to -0.31
bx towards the -0.36
bx under the 0.49
bx up ACT 0.59
bx up as -0.38
bx up breathe -0.85
bx up so 1.03
bx up the -0.53
bx up to -0.35
bx up your -0.49
bx waist ACT -0.55
bx way ACT 0.77
bx we ACT -1.02
bx we're ACT -1.09
bx weight ACT -1.48
bx weight SIDE -0.44
bx weight and 1.33
bx weight back -0.82
bx weight even -0.46
bx weight forward -0.33
bx weight over -0.40
bx while the -0.43
bx width apart -0.87
bx with the -1.09
bx with your -0.52
bx you ACT -0.70
bx you and 0.44
bx you breathe -0.87
bx you can -0.47
bx you exhale 0.31
bx you're ACT -0.81
bx your SIDE -0.80
bx your weight -1.00
bxy ACT ACT SIDE 0.92
bxy ACT ACT it 0.65
bxy ACT ACT the 0.37
bxy ACT ACT to 0.51
bxy ACT ACT with -1.61
bxy ACT ACT your -0.53
bxy ACT NUMBER percent -0.83
bxy ACT SIDE FOOT 0.79
bxy ACT all of -0.31
bxy ACT all your -0.52
bxy ACT and the 0.43
bxy ACT back ACT 0.61
bxy ACT back on -0.27
bxy ACT it down -0.43
bxy ACT my weight -0.40
bxy ACT now the 0.34
bxy ACT on the 0.81
bxy ACT so ACT -0.41
bxy ACT the HAND -0.33
bxy ACT the SIDE -0.68
bxy ACT the back -0.41
bxy ACT the weight -0.71
bxy ACT with your -0.43
bxy ACT your HAND 0.57
bxy ACT your SIDE -1.10
bxy FOOT ACT ACT 0.59
bxy FOOT ACT NUMBER 1.13
bxy FOOT ACT SIDE 0.61
bxy FOOT ACT and 0.54
bxy FOOT ACT away -0.39
bxy FOOT ACT down -0.60
bxy FOOT ACT first -0.38
bxy FOOT ACT forward 0.47
bxy FOOT ACT in -0.33
bxy FOOT ACT into 1.09
bxy FOOT ACT it 0.57
bxy FOOT ACT off -0.67
bxy FOOT ACT onto 0.80
bxy FOOT ACT out -0.48
bxy FOOT ACT over -0.37
bxy FOOT ACT the 0.79
bxy FOOT ACT them 0.51
bxy FOOT ACT up -0.32
bxy FOOT ACT your 1.85
bxy FOOT FOOT first -0.32
bxy FOOT NUMBER ACT 0.92
bxy FOOT NUMBER degrees -0.32
bxy FOOT SIDE FOOT 0.46
bxy FOOT and ACT -0.89
bxy FOOT and as 0.37
bxy FOOT and i 0.45
bxy FOOT and let -0.92
bxy FOOT and then 0.17
bxy FOOT and you -0.45
bxy FOOT back ACT -0.30
bxy FOOT breathe out -0.48
bxy FOOT can ACT -0.29
bxy FOOT first ACT -0.54
bxy FOOT half a -0.35
bxy FOOT i ACT 0.68
bxy FOOT my SIDE 0.33
bxy FOOT next to -0.29
bxy FOOT now ACT 0.47
bxy FOOT on the -0.37
bxy FOOT so it's -0.74
bxy FOOT so that -0.40
bxy FOOT the FOOT -0.29
bxy FOOT the weight 0.65
bxy FOOT then ACT -0.49
bxy FOOT then FOOT -0.52
bxy FOOT to ACT -0.37
bxy FOOT up ACT 0.46
bxy FOOT we ACT 0.72
bxy FOOT while the -0.41
bxy HAND ACT ACT 0.36
bxy HAND ACT SIDE -0.33
bxy HAND ACT back -0.46
bxy HAND ACT down -0.34
bxy HAND ACT forward -0.41
bxy HAND ACT out 1.06
bxy HAND ACT to 0.32
bxy HAND ACT up -1.12
bxy HAND and ACT -0.46
bxy HAND breathe out -0.53
bxy NUMBER ACT SIDE 0.40
bxy NUMBER ACT back 0.50
bxy NUMBER ACT your -1.03
bxy NUMBER the SIDE 0.51
bxy SIDE ACT SIDE -1.32
bxy SIDE ACT forward 0.38
bxy SIDE ACT onto 0.45
bxy SIDE ACT out -0.38
bxy SIDE ACT the -0.94
bxy SIDE ACT to 0.80
bxy SIDE ACT up -0.24
bxy SIDE ACT with 0.56
bxy SIDE ACT your -0.60
bxy SIDE FOOT ACT -0.72
bxy SIDE FOOT back -0.49
bxy SIDE FOOT in -0.25
bxy SIDE FOOT out -0.64
bxy SIDE FOOT parallel 2.08
bxy SIDE FOOT up -0.31
bxy SIDE HAND ACT -1.06
bxy SIDE NUMBER percent -0.45
bxy SIDE SIDE FOOT -0.79
bxy SIDE SIDE SIDE -0.51
bxy SIDE and ACT -0.48
bxy SIDE and i -0.64
bxy SIDE as the -0.59
bxy SIDE let the -0.50
bxy SIDE with the -0.40
bxy SIDE with your 0.31
bxy again ACT the 0.57
bxy again and ACT -0.49
bxy all the weight -0.42
bxy and ACT the -0.35
bxy back ACT SIDE -0.40
bxy back ACT the -0.88
bxy back FOOT ACT -0.53
bxy back FOOT in 0.83
bxy back and the 0.67
bxy behind the SIDE -0.40
bxy bend the SIDE -0.38
bxy beside the SIDE -0.32
bxy body ACT to -0.37
bxy by ACT the -0.48
bxy can ACT the -0.36
bxy corner ACT the 0.32
bxy corner FOOT first -0.48
bxy degrees ACT all 0.34
bxy down ACT your 0.37
bxy down and ACT -1.20
bxy down next to -0.31
bxy first and ACT -0.28
bxy first then the -0.93
bxy first weight ACT 0.75
bxy floor ACT the 0.48
bxy forward ACT the -0.32
bxy forward and ACT -0.50
bxy half ACT with -0.54
bxy in HAND ACT -0.40
bxy in HAND down 0.57
bxy in and ACT -0.85
bxy in as you 0.42
bxy in my SIDE -0.35
bxy in the back 0.34
bxy in when you -0.39
bxy in your SIDE -0.32
bxy into the SIDE -0.62
bxy it ACT in 0.28
bxy it ACT your 0.33
bxy it SIDE FOOT 0.35
bxy it the SIDE 0.66
bxy it with the 0.58
bxy my SIDE FOOT -0.61
bxy now we ACT -0.35
bxy on the SIDE -0.48
bxy on your SIDE -0.31
bxy onto the SIDE -0.61
bxy out ACT onto 0.32
bxy out as you -0.36
bxy out the SIDE -0.48
bxy out when you -0.47
bxy over the SIDE -0.49
bxy past the SIDE -0.35
bxy percent the SIDE 0.58
bxy side ACT back -0.75
bxy side ACT the 0.37
bxy side and ACT -0.26
bxy side the SIDE 0.74
bxy the SIDE FOOT -0.94
bxy then i ACT -0.31
bxy through and ACT -0.87
bxy through the FOOT -0.30
bxy to ACT the -0.40
bxy to the SIDE -0.58
bxy up ACT SIDE -0.33
bxy up and ACT -0.48
bxy up and the -0.48
bxy up breathe in -0.43
bxy up breathe out -0.42
bxy up half a -0.47
bxy up your SIDE -0.46
bxy we ACT back 0.47
bxy we ACT the -0.47
bxy weight ACT back -0.82
bxy weight ACT forward -0.40
bxy weight ACT into -0.68
bxy weight ACT onto -0.47
bxy weight ACT over -0.30
bxy weight ACT to -0.36
bxy weight on the 0.65
bxy with the SIDE -0.68
bxy you ACT on -0.52
bxy you ACT the -0.50
bxy you ACT your -0.52
bxy you and ACT 0.44
bxy you breathe in -0.62
bxy your SIDE FOOT -0.71
x ACT 1.22
x FOOT -0.78
x NUMBER 0.40
x SIDE -0.41
x a -1.22
x about -1.49
x across -0.72
x again -0.31
x ahead -0.59
x all 0.30
x along -0.61
x altogether -0.29
x and 0.83
x apart -0.85
x are -1.20
x around -0.47
x arrives -0.26
x as -0.39
x at -1.15
x away -0.82
x back -0.41
x backwards -0.39
x be 0.36
x becomes -0.67
x before -0.77
x begin 0.52
x behind -1.65
x bend 0.44
x bent -0.41
x beside -1.34
x between -0.65
x big 0.94
x bit -0.86
x body 0.45
x both 0.72
x breath -0.32
x breathe 1.56
x breaths -0.57
x brush 1.32
x brushes -0.40
x but -0.88
x by -1.43
x careful 1.22
x completely -0.55
x corner -1.40
x count 0.47
x counts -0.42
x degrees -1.09
x diagonal -0.52
x do 0.40
x doing -0.49
x don't 1.49
x down -2.28
x ear -0.31
x equally -0.63
x even 0.98
x evenly -0.65
x exhale 0.98
x far -0.30
x finish 2.09
x first 0.22
x flat -0.74
x for -1.05
x forty-five -0.54
x forward -1.43
x forwards -0.61
x from -0.25
x front -1.03
x get 0.69
x gets -0.38
x half 0.47
x has -0.49
x heal 0.60
x height -0.84
x here -0.53
x high -0.48
x hip -0.91
x hold 2.00
x home -0.54
x i 1.64
x i'm 1.47
x if 1.85
x in -2.19
x inhale 2.23
x into -1.96
x inward -0.38
x inwards -0.65
x is -2.03
x it -0.95
x its -0.39
x keep 1.54
x last 1.52
x leave -0.27
x let 1.70
x let's 1.38
x light -0.32
x like -0.68
x line -0.46
x little -0.51
x look 1.05
x make 0.85
x me -0.54
x middle 0.39
x more -0.32
x movement -0.43
x my 1.08
x next 1.31
x no 0.43
x not -0.43
x nothing 0.36
x now 2.52
x o'clock -0.37
x of -2.21
x off -0.45
x okay 3.80
x on -1.44
x one -0.53
x onto -1.81
x or 0.51
x other 0.35
x our -0.48
x out -2.20
x outward -0.40
x outwards -0.47
x over -0.64
x parallel -0.77
x part 1.07
x past -0.46
x pause 1.33
x percent -0.84
x play 1.18
x pointing -0.36
x posture 0.90
x punch 0.54
x quarter 0.47
x rear 0.32
x release 0.97
x repeat 1.29
x rest 0.36
x resting -0.51
x rests -0.58
x right -0.30
x round -0.88
x seconds -0.40
x shake 0.77
x should -0.61
x side -0.74
x single 0.50
x slightly -0.56
x so 0.44
x soft -0.49
x soften 1.36
x solid -0.50
x some -0.43
x sorry 0.34
x stance -0.55
x stay 1.39
x stays -0.82
x stop 0.47
x straight -1.13
x strike 0.34
x tall -0.43
x that's 1.95
x them -0.80
x then 2.14
x there -1.22
x there's 1.42
x thing -0.46
x those 0.62
x through -1.36
x to -1.76
x today -0.61
x together -1.18
x too -0.59
x touching -0.79
x towards -0.54
x under -0.74
x until -1.12
x up -1.67
x waist 0.34
x wall -0.77
x ward 0.30
x was -0.32
x way -0.58
x we 0.83
x we'll 1.59
x we're 0.95
x weight 0.99
x what 1.29
x when 1.47
x where -0.65
x wide -0.59
x width -1.07
x will -0.51
x with -1.72
x without -0.45
x yet -0.68
x you 0.40
x you'll 1.10
x you're 0.32
x you've 0.31
x yourself -0.47
xy ACT ACT -0.62
xy ACT HAND 0.46
xy ACT NUMBER 1.35
xy ACT SIDE 1.12
xy ACT a 1.94
xy ACT all 1.17
xy ACT behind -0.43
xy ACT both 0.65
xy ACT breathe -0.51
xy ACT by -0.46
xy ACT down -0.70
xy ACT exhale -0.64
xy ACT first -0.50
xy ACT from -0.75
xy ACT half -0.60
xy ACT if -0.36
xy ACT in -0.40
xy ACT into 0.76
xy ACT it 0.57
xy ACT keep -0.53
xy ACT my 0.35
xy ACT north 0.29
xy ACT on 0.72
xy ACT one 0.56
xy ACT onto 0.90
xy ACT out -0.44
xy ACT past -0.49
xy ACT round -0.39
xy ACT so -0.56
xy ACT straight -0.28
xy ACT that 0.43
xy ACT the 0.82
xy ACT then -0.52
xy ACT to 0.57
xy ACT too 0.46
xy ACT up 0.58
xy ACT you -0.61
xy ACT your 1.35
xy ACT yourself 0.40
xy FOOT ACT 0.63
xy FOOT HAND 1.30
xy FOOT and -0.42
xy FOOT are 0.62
xy FOOT back 0.42
xy FOOT first -0.48
xy FOOT is -0.57
xy FOOT not 0.79
xy FOOT of 0.82
xy FOOT out 0.66
xy FOOT over 0.59
xy FOOT parallel 1.13
xy FOOT then -0.63
xy FOOT together 0.81
xy HAND ACT 0.66
xy HAND by -0.35
xy HAND on -0.40
xy HAND to 0.73
xy HAND up 1.34
xy HAND width -0.57
xy NUMBER ACT 1.56
xy NUMBER NUMBER -0.41
xy NUMBER SIDE -0.39
xy NUMBER degrees -0.99
xy NUMBER is -0.32
xy NUMBER more 1.20
xy SIDE ACT -0.66
xy SIDE FOOT 1.60
xy SIDE HAND 0.60
xy SIDE SIDE -0.33
xy SIDE again -0.38
xy SIDE breathe -0.37
xy SIDE brush 0.66
xy SIDE i -0.30
xy SIDE let's 0.94
xy SIDE side 0.59
xy SIDE weight -0.44
xy a ACT -0.48
xy a bit -0.56
xy a little -0.58
xy about NUMBER -0.65
xy again FOOT -0.39
xy again the 0.36
xy all of -0.38
xy and NUMBER -0.59
xy and a -0.36
xy and again 0.93
xy and as 0.72
xy and back 0.90
xy and breathe 0.30
xy and don't -0.65
xy and exhale -0.86
xy and forward 0.88
xy and hold -1.08
xy and i 0.63
xy and i'm 1.13
xy and it -0.23
xy and look -0.65
xy and now 1.47
xy and out -0.36
xy and rest -0.53
xy and that's 0.61
xy and the -0.16
xy and then 0.60
xy and to 1.67
xy and your -0.58
xy as the 0.85
xy as we -0.74
xy as you 1.18
xy as your -0.52
xy at the -0.43
xy back FOOT 1.25
xy back SIDE 0.68
xy back again 0.37
xy back and -0.32
xy back down -0.66
xy back onto -0.39
xy back to 0.54
xy before you -0.33
xy behind you -0.48
xy bend the 1.03
xy bend your 0.70
xy beside it -0.42
xy beside the -0.61
xy between both -0.34
xy bow stance 0.45
xy breathe in 1.23
xy brush and 0.69
xy by ACT -0.40
xy by your -0.33
xy can ACT -0.78
xy cloud HAND 0.50
xy count of 0.47
xy do a 0.44
xy do it -0.37
xy do that 0.33
xy don't let 0.43
xy exhale and 1.53
xy finish with -0.39
xy first the -0.25
xy first then -0.60
xy flat ACT -0.36
xy for NUMBER -0.55
xy for a -0.44
xy for the 0.32
xy forward again 0.43
xy front FOOT 0.61
xy half a -0.22
xy half way -0.34
xy have a 0.42
xy i ACT 0.64
xy i can -0.77
xy i'm ACT 0.95
xy in ACT -0.37
xy in a 0.58
xy in front -0.39
xy inhale ACT 0.62
xy into it -0.42
xy into the -0.64
xy is ACT -0.33
xy it then 0.76
xy it there -0.39
xy keep it -0.32
xy keep your 0.98
xy last one 0.51
xy let me 1.09
xy let the 0.37
xy let them -0.52
xy let your 0.33
xy let's ACT 0.62
xy let's do 0.48
xy let's have 0.33
xy like a -0.39
xy like you're -0.50
xy look over 0.55
xy look to 0.39
xy make sure 0.83
xy make the -0.45
xy most of 0.51
xy my SIDE 0.37
xy my back 0.49
xy my weight 0.64
xy next one 0.50
xy next to -1.64
xy next we 0.70
xy no weight -0.63
xy now ACT 0.88
xy now and -1.04
xy now i 0.32
xy now i'm 0.45
xy now so -0.79
xy now the 1.28
xy now we 0.53
xy now we're 0.62
xy now you're 0.42
xy of the -0.71
xy of you -0.32
xy of your -0.40
xy off the -0.73
xy okay so 1.00
xy on both -0.44
xy on it -0.55
xy on its -0.33
xy on your -0.51
xy one ACT 0.64
xy only as -0.39
xy onto it -0.42
xy onto the -0.77
xy out ACT -0.42
xy out to 0.62
xy over NUMBER 0.69
xy part NUMBER 0.77
xy past the -0.36
xy pause for 0.80
xy quarter ACT 0.47
xy rear FOOT 0.32
xy release the 0.97
xy repeat on 0.89
xy rests on -0.42
xy same on 0.88
xy shake it 0.61
xy side ACT 0.67
xy single whip 0.55
xy so ACT -0.31
xy so FOOT 0.38
xy so NUMBER 0.48
xy so i -0.39
xy so it's -0.73
xy so let 0.38
xy so now 1.19
xy so that -1.38
xy so that's 0.98
xy so the -0.47
xy so we 0.67
xy so your 0.41
xy soften the 0.53
xy start with 0.61
xy stay there 0.65
xy that ACT -0.64
xy that way -0.29
xy that's the 0.92
xy the ACT -0.51
xy the floor -0.65
xy the last 0.68
xy the next 0.63
xy the other -0.38
xy the waist 0.36
xy the weight 0.33
xy then FOOT -1.37
xy then i 0.28
xy then we 0.32
xy then you 0.53
xy there for -0.39
xy this is 1.16
xy through the -0.39
xy to begin -0.34
xy to finish 0.66
xy to start -0.37
xy to the -1.55
xy to your -0.53
xy towards the -0.54
xy up on 0.52
xy waist SIDE 0.62
xy ward off 0.30
xy we ACT 0.86
xy we're gonna 0.30
xy weight ACT 0.86
xy weight NUMBER -0.38
xy weight SIDE 0.44
xy weight in 0.46
xy weight into 0.42
xy weight is 0.37
xy weight to 0.51
xy where it -0.32
xy with a -0.28
xy with it -0.29
xy with the -0.62
xy you ACT -0.84
xy you breathe -0.47
xy you can 0.59
xy you should 0.49
xy you're on 0.54
xy you've got 0.68
xy your FOOT -0.61
xy your HAND 0.35
xy your SIDE 0.56
xy your weight 0.07
xyz ACT ACT ACT -0.67
xyz ACT ACT forward 1.08
xyz ACT ACT it -0.28
xyz ACT ACT the -1.14
xyz ACT ACT with 1.43
xyz ACT ACT your -0.38
xyz ACT NUMBER NUMBER 0.39
xyz ACT NUMBER degrees -0.32
xyz ACT NUMBER percent 0.69
xyz ACT SIDE ACT 0.31
xyz ACT SIDE FOOT -0.53
xyz ACT SIDE NUMBER 0.45
xyz ACT a ACT -0.31
xyz ACT a half 0.69
xyz ACT all of 0.63
xyz ACT all your 0.57
xyz ACT back ACT 0.88
xyz ACT back FOOT -1.34
xyz ACT back SIDE 0.46
xyz ACT back a -0.60
xyz ACT back and -0.93
xyz ACT back into 1.06
xyz ACT back on 0.72
xyz ACT back onto 1.16
xyz ACT back so -0.59
xyz ACT back with 0.74
xyz ACT by ACT -0.45
xyz ACT down ACT -0.47
xyz ACT down and -0.39
xyz ACT down first -0.50
xyz ACT down into 0.53
xyz ACT down on 0.48
xyz ACT down with 0.47
xyz ACT forward ACT -0.83
xyz ACT forward SIDE 0.55
xyz ACT forward into 0.73
xyz ACT forward on -0.37
xyz ACT forward onto 0.43
xyz ACT forward the -0.31
xyz ACT forward to -0.55
xyz ACT forward with 1.30
xyz ACT from the -0.75
xyz ACT in front -0.33
xyz ACT in the 1.24
xyz ACT into it 0.39
xyz ACT into the 0.40
xyz ACT it ACT -0.35
xyz ACT it down 1.49
xyz ACT it forward 0.70
xyz ACT it to -0.37
xyz ACT it up -0.43
xyz ACT my SIDE 0.44
xyz ACT on both 0.43
xyz ACT on it 0.49
xyz ACT on its -0.34
xyz ACT on the -1.04
xyz ACT on your 0.69
xyz ACT out ACT -0.72
xyz ACT out SIDE 0.72
xyz ACT out again -0.36
xyz ACT out to 0.35
xyz ACT out with 1.25
xyz ACT over to 0.49
xyz ACT that FOOT 0.43
xyz ACT the HAND -0.68
xyz ACT the SIDE 0.53
xyz ACT the back -0.47
xyz ACT the door -0.39
xyz ACT the floor -0.87
xyz ACT the waist 0.56
xyz ACT the weight 0.41
xyz ACT them out -0.43
xyz ACT then the -0.37
xyz ACT through and -0.52
xyz ACT through with 0.64
xyz ACT to ACT 0.91
xyz ACT to your 0.35
xyz ACT up ACT -0.71
xyz ACT up and -1.30
xyz ACT up breathe 0.59
xyz ACT up on 0.41
xyz ACT up onto 1.19
xyz ACT up tall 1.01
xyz ACT up the 1.50
xyz ACT up to -0.45
xyz ACT up with 0.85
xyz ACT up your 1.47
xyz ACT with the 0.51
xyz ACT with your 0.60
xyz ACT your FOOT -0.64
xyz ACT your SIDE 0.35
xyz ACT your body 0.27
xyz ACT your waist 0.51
xyz FOOT ACT SIDE 1.13
xyz FOOT ACT and 1.34
xyz FOOT ACT back 0.34
xyz FOOT ACT down 1.03
xyz FOOT ACT first 0.51
xyz FOOT ACT in -0.30
xyz FOOT ACT the -0.58
xyz FOOT ACT up -0.39
xyz FOOT HAND width 0.73
xyz FOOT back down 1.05
xyz FOOT down first -0.77
xyz FOOT down in 0.56
xyz FOOT first ACT -0.64
xyz FOOT in ACT 0.80
xyz FOOT of the 0.84
xyz FOOT out NUMBER 0.63
xyz FOOT out on 0.44
xyz FOOT then FOOT -0.58
xyz FOOT together ACT 0.40
xyz HAND ACT SIDE 0.56
xyz HAND ACT breathe 0.39
xyz HAND ACT down -0.65
xyz HAND ACT forward 0.34
xyz HAND ACT out -0.33
xyz HAND ACT up 1.08
xyz HAND on the -0.27
xyz NUMBER ACT SIDE -0.47
xyz NUMBER ACT your 0.98
xyz NUMBER NUMBER NUMBER -0.64
xyz NUMBER NUMBER degrees -1.17
xyz NUMBER percent ACT -0.48
xyz NUMBER percent of -0.40
xyz NUMBER percent the -0.67
xyz SIDE ACT on 0.82
xyz SIDE ACT the -0.29
xyz SIDE FOOT ACT 1.21
xyz SIDE FOOT and -0.67
xyz SIDE FOOT back 1.35
xyz SIDE FOOT can -0.41
xyz SIDE FOOT first -0.53
xyz SIDE FOOT is 0.99
xyz SIDE FOOT resting -0.40
xyz SIDE FOOT straight 0.45
xyz SIDE FOOT then 0.31
xyz SIDE FOOT to -0.55
xyz SIDE FOOT up 0.51
xyz SIDE FOOT weight -0.29
xyz SIDE HAND ACT 0.67
xyz SIDE HAND is 0.39
xyz SIDE SIDE FOOT -0.39
xyz SIDE SIDE SIDE 0.48
xyz SIDE i ACT -0.30
xyz SIDE side ACT 0.64
xyz again ACT the -0.49
xyz all the way -0.89
xyz all the weight 1.02
xyz and ACT # -0.65
xyz and ACT NUMBER 0.46
xyz and ACT SIDE -0.60
xyz and ACT again 1.01
xyz and ACT and 0.48
xyz and ACT back 0.53
xyz and ACT behind -0.48
xyz and ACT down -0.44
xyz and ACT forward 0.90
xyz and ACT into -0.61
xyz and ACT my 0.93
xyz and ACT out 0.99
xyz and ACT them -0.76
xyz and ACT to -0.31
xyz and ACT up -0.42
xyz and ACT with -0.73
xyz and as you 0.55
xyz and back to 0.83
xyz and breathe in -0.78
xyz and breathe out -0.38
xyz and let it 0.40
xyz and let the -0.51
xyz and my SIDE 0.55
xyz and out to -0.56
xyz and the FOOT -0.53
xyz and the front -0.37
xyz and the weight -0.58
xyz and then ACT -0.48
xyz and then we're 0.95
xyz and you ACT -0.38
xyz and your FOOT -0.70
xyz as the SIDE -0.36
xyz as the weight 1.39
xyz as you ACT -0.77
xyz as you do 0.73
xyz as you exhale 0.68
xyz as you inhale 1.28
xyz back ACT the -0.32
xyz back FOOT ACT 1.37
xyz back FOOT out 0.62
xyz back on the 0.48
xyz back to ACT 0.69
xyz before you ACT -0.33
xyz bend the FOOT 0.48
xyz bend the SIDE 0.54
xyz bend your FOOT 0.70
xyz beside the SIDE -0.47
xyz between both FOOT -0.34
xyz both HAND ACT 1.09
xyz breathe in ACT 0.66
xyz breathe in HAND -0.64
xyz breathe in and -0.50
xyz breathe in as 1.17
xyz breathe in when 0.89
xyz breathe out ACT -0.97
xyz breathe out and 0.39
xyz breathe out as 0.66
xyz breathe out now -0.97
xyz breathe out when 0.30
xyz brush FOOT SIDE 0.49
xyz brush and ACT 0.69
xyz count of NUMBER 0.47
xyz exhale ACT the -0.37
xyz exhale and ACT 0.31
xyz first ACT your 0.29
xyz from the SIDE 0.48
xyz from the top 0.38
xyz front FOOT ACT 0.76
xyz half ACT with 1.38
xyz half a ACT -0.22
xyz hold the HAND -0.37
xyz i ACT my 0.64
xyz i ACT the -0.63
xyz i can ACT -0.49
xyz i want you 0.29
xyz i'm ACT to -0.54
xyz if you can -1.27
xyz if you need -1.02
xyz in the SIDE -0.35
xyz inhale ACT the 0.35
xyz into the SIDE -0.59
xyz it ACT out 0.72
xyz let it ACT 0.73
xyz let the breath 0.71
xyz let the weight 0.44
xyz let them ACT -0.47
xyz let your HAND -0.72
xyz let your SIDE 0.59
xyz let your weight 0.58
xyz look to the 0.40
xyz most of your -0.22
xyz my back FOOT 0.78
xyz next to the -0.74
xyz next we ACT 0.70
xyz now ACT forward 0.47
xyz now the SIDE 0.53
xyz now we ACT 0.39
xyz now we're ACT 0.48
xyz off the floor -0.43
xyz on its FOOT -0.33
xyz on the FOOT -1.19
xyz on the SIDE -1.37
xyz on the floor -0.38
xyz on your SIDE -0.37
xyz one NUMBER NUMBER 0.54
xyz onto the SIDE -0.59
xyz out to the 0.73
xyz over NUMBER counts 0.83
xyz over the SIDE -0.47
xyz pause for NUMBER 0.60
xyz play the lute 0.47
xyz rear FOOT ACT 0.44
xyz repeat on the 0.89
xyz same on the 0.89
xyz so ACT the 0.55
xyz so NUMBER percent 0.50
xyz so SIDE FOOT 0.32
xyz so let it 0.38
xyz so that the -0.39
xyz so that your -0.55
xyz so the FOOT -0.62
xyz so the weight -0.46
xyz so we're ACT -0.40
xyz soften the FOOT 0.53
xyz the FOOT ACT 0.45
xyz the FOOT and -0.64
xyz the FOOT down -0.46
xyz the FOOT of 1.18
xyz the SIDE ACT -0.42
xyz the SIDE FOOT 1.18
xyz the SIDE HAND 1.84
xyz the back FOOT 0.64
xyz the rear FOOT 0.41
xyz the waist ACT 0.77
xyz the weight ACT 0.94
xyz the weight in -0.44
xyz the weight is 0.82
xyz the weight on -0.38
xyz then ACT back 0.90
xyz then ACT the 0.43
xyz then ACT to -0.41
xyz then FOOT ACT -0.37
xyz then i ACT 0.28
xyz then the FOOT -1.01
xyz then the SIDE 1.00
xyz then the weight 0.53
xyz then we ACT 0.23
xyz then you ACT 0.56
xyz to ACT the -0.49
xyz to the SIDE -0.85
xyz up ACT the 0.67
xyz up on the 0.54
xyz ward off SIDE 0.54
xyz we ACT back -0.98
xyz we ACT onto 0.52
xyz we ACT the -1.09
xyz weight ACT forward -0.63
xyz weight ACT it 0.37
xyz weight SIDE ACT -0.37
xyz weight back into 0.36
xyz weight back on 0.41
xyz weight back to 0.61
xyz weight forward SIDE -0.87
xyz weight forward onto -0.33
xyz weight forward to 0.46
xyz weight in the 0.96
xyz weight into the 0.69
xyz weight on both -0.48
xyz weight onto it -0.30
xyz weight onto the 0.56
xyz weight over to 0.36
xyz weight to the 0.74
xyz with the FOOT -0.56
xyz with the SIDE -0.42
xyz with the weight 0.56
xyz you ACT back 0.39
xyz you ACT forward -0.36
xyz you should be 0.49
xyz you're ACT the 0.33
xyz your HAND ACT 0.70
xyz your SIDE FOOT 0.92
xyz your SIDE HAND 0.60
xyz your weight ACT 0.61
xyz your weight is 0.65
xyz your weight on -0.43
xyz your weight onto -0.37
y # -1.60
y FOOT -0.40
y NUMBER -0.39
y SIDE -0.63
y about -0.74
y again 0.86
y ahead -0.32
y an 0.44
y and -1.26
y apart -0.84
y are 0.67
y at -0.73
y back 0.59
y begin 1.17
y behind -0.96
y beside -0.49
y big -0.38
y body 0.44
y bow -0.82
y by -0.59
y careful 0.66
y change 0.41
y count -0.38
y degrees -1.09
y doing 0.39
y don't -0.69
y down 0.78
y equal -0.62
y even -0.55
y evenly -0.40
y everything 0.58
y fall 0.37
y far -0.86
y finish 1.13
y first -0.55
y flat -0.60
y floor -0.65
y front -0.57
y gonna 0.60
y got 0.65
y have -0.61
y here 0.27
y hips -0.62
y home 0.45
y horse -0.45
y how 0.49
y i 0.39
y i've -0.79
y if -0.84
y in -0.84
y instead -0.36
y into -0.40
y inward -0.40
y inwards -0.39
y is 0.62
y its -0.62
y leave -0.48
y light -0.65
y like -0.98
y little -0.79
y make -0.38
y middle -0.49
y moment 0.52
y more 1.08
y most 0.88
y movement 0.67
y my -0.39
y north 0.29
y not 0.76
y nothing 0.98
y of 0.41
y okay -0.64
y one 0.42
y only -0.45
y our -0.49
y over 0.65
y parallel 0.59
y part 0.68
y pause 0.63
y play -0.38
y pushing -0.56
y repeat 0.46
y rest -0.57
y rests -0.64
y rush 0.68
y same -0.71
y shake -0.52
y share 0.60
y should 1.15
y slightly -0.54
y so -1.54
y some 1.10
y sorry -0.41
y start 0.97
y stay -0.45
y stays -0.39
y stop 0.44
y straight -0.70
y strike -0.52
y sure 0.83
y tall 0.31
y that 0.79
y that's 0.79
y them -0.28
y there 1.50
y they -0.50
y thing 0.67
y this 1.14
y time 0.53
y to -0.76
y today -0.33
y together -0.44
y touching -0.41
y under 0.66
y waist 0.45
y water 0.59
y way -0.86
y we 0.40
y week -0.36
y when 0.70
y where -0.43
y whip 0.55
y white 0.61
y width -0.79
y you'll -0.35
y you've -0.50
y your 0.35
y yourself 0.80
"""
