cat <<'TEXT'
bin/steady start [--port N]   install what is missing, start, print the address (default port 8080)
                 [--empty]    without the demo: the first page asks for your gym and your account
                 [--simulated-scale]  show the simulated scale in your own gym too; it measures nothing there
bin/steady stop               stop what start started
bin/steady test [PATH…]       install what tests need and run all of them, or those of a folder or file
bin/steady lint               check style, types and walls; runs nothing
bin/steady fix                mend what the formatters can mend
bin/steady logs [NAME]        follow the logs of the running instance (php, nginx, fpm, scale, application)
bin/steady pin [--check]      keep the exact versions of the installed PHP packages, or compare with them
bin/steady doctor             check each prerequisite and say what mends it
bin/steady core TOPIC         one computation of the core: JSON in, JSON out (--lines: one a line)
bin/steady replay             rebuild capacity and open calls from the log
bin/steady export             print everything of the gym, one entry a line (docs/formats/export.md)
bin/steady import             bring an export, read from standard input, into a gym without athletes
bin/steady let-in EMAIL       make a link by which somebody who works here chooses a new password, without the code of a lost phone
bin/steady listen PORT SECRET  print what a webhook is told, and whether it is signed as it should be
bin/steady rekey              give the records of health a new key, and seal them all anew with it
bin/steady rules              say what each position of each house rule would change
bin/steady why CALL           make a call again from what was kept beside it, with its evidence and its sets
bin/steady types              write the API document and the client's types anew
bin/steady shots              take the pictures in docs/screenshots anew from the demo
TEXT
