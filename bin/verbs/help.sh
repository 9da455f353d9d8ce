cat <<'TEXT'
bin/steady start [--port N]   install what is missing, start, print the address (default port 8080)
                 [--empty]    without the demo: the first page asks for your gym and your account
                 [--simulated-scale]  show the simulated scale in your own gym too; it measures nothing there
bin/steady stop               stop what start started
bin/steady test               install what tests need and run all of them
bin/steady doctor             check each prerequisite and say what mends it
bin/steady core TOPIC         one computation of the core: JSON in, JSON out (--lines: one a line)
bin/steady replay             rebuild capacity and open calls from the log
bin/steady types              write the API document and the client's types anew
bin/steady shots              take the pictures in docs/screenshots anew from the demo
TEXT
