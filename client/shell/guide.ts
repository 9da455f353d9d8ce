/** What each page is for and how it is worked, by its route; the shortest that still helps. */
export const pages: Record<string, readonly string[]> = {
    '/today': [
        'Everybody of the class that is on, with what is asked of them next. Tap a count and it is logged; you can undo it for ten seconds.',
        'By station: who is up at each bar, what to take off and hang up, and who follows. Move somebody by the handle: drag it, tap it and then the one they go before, or use the arrow keys.',
        'Behind ⋯: one sheet for one athlete. It speaks of the set just logged while its rest runs, else of the one to do; the strip of today’s sets picks another.',
        'By athlete: a boxed tile is up. Arrows choose, digits and Enter log, N opens the rest, U undoes.',
        'All done about is worked out anew with every set; Plan the rest anew, behind ⋯, shows what a better order would change.',
        'Board on the wall, behind ⋯, gives the code by which any screen shows the class: athletes find themselves, and nothing can be changed there.',
        'Without a network it goes on: what waits is sent when the server answers again.',
    ],
    '/today/classes': [
        'A class is held once or every week. Who has its tag comes; others come as walk-ins.',
        'Give out an address, and the hours stand in anybody’s calendar.',
    ],
    '/today/:class/:on/after': ['What was done and what it changed: the calls to decide before the next class.'],
    '/today/:class/:on/workout': ['The whole class on paper: who is on what, in which order, with room to write counts.'],
    '/people': [
        'One line for each athlete, the call first. Search by name or tag; Overdue are those not seen for too long.',
        'Paused means that pain was told: no pulling until somebody clears it with a note.',
    ],
    '/people/new': ['Bodyweight and height are enough to begin. The reach is estimated from the height until you measure it.'],
    '/people/:id': [
        'The ladder goes from the set-up in use to the goal, on one scale of bodyweight. Beside or below it: what to do next, and the log.',
        'Begin with the screen, then the baseline; the first set-up follows from both.',
        'A call comes with its reasons. Accept it, or decide otherwise and say why.',
    ],
    '/people/:id/edit': ['A new height or reach changes every set-up; sets that were logged can be computed again on the body page.'],
    '/people/:id/body': ['Weighings, and the measures a load follows from. A weighing counts from its day on.'],
    '/people/:id/notes': [
        'What you saw and want the next coach to know. Everybody who works here reads it, and it goes with them when they are erased.',
    ],
    '/people/:id/trend': [
        'Strength over time, with its spread: the band holds the truth eight times in ten.',
        'The dates ahead are a forecast, not a promise; they move with what is trained.',
    ],
    '/people/:id/screens': ['Every screen and what it left to do. Opening the answers is noted with your name.'],
    '/people/:id/consent': [
        'Let them read the words, then note who agreed. Under 18 a guardian agrees.',
        'Taking it back ends new answers; what was kept until then is erased from their page, More, Erase.',
    ],
    '/people/:id/link': ['One private address, without an account. Whoever has it sees their page; end it when it got about.'],
    '/people/:id/erase': ['What goes, what stays without a name, and what stays. It cannot be undone: hand out the export first.'],
    '/people/:id/setups': ['Any set-up your gear makes for this athlete, with what it carries and how many reps are likely.'],
    '/people/:id/card': ['Their next session on a card for the floor, with the set-ups drawn.'],
    '/people/:id/session': [
        'The session as it is written for today, and why. Change a line, and the reason is kept.',
        'Each line has its likely count: eight in ten such sets come to it.',
    ],
    '/people/:id/weeks': ['The days of the next sessions and the stages to expect. Time off moves both.'],
    '/people/:id/compare': ['The same athlete under two methods, many times over: who gets there, and how long it takes.'],
    '/methods': ['Plans in stages. Each stage ends at its gate; the house rules say what your gym does where coaches disagree.'],
    '/methods/rules': ['For each point on which coaches disagree, what this gym does. Before you change one, see what it would change.'],
    '/methods/:method': ['Its stages with their sets and gates. Copy it to write your own.'],
    '/cards': ['The cards of a class, four to a sheet.'],
    '/log': ['Everything logged, by person, exercise, class, day or words. What you see can be taken along as a table.'],
    '/reports': [
        'A season of one athlete, a class, the bands, and calls and methods: to read, to print, and as a table.',
        'Figures of a group come with the range that holds the truth eight times in ten; under twenty people they say little.',
    ],
    '/imports': [
        'A spreadsheet of people, weighings, sets, gear or bands. Say what each column is; you see what becomes of each line before any is stored.',
        'One import can be undone as a whole; what was corrected since stays.',
    ],
    '/calls': ['What waits for a decision, the most pressing first, and what else there is to remember.'],
    '/kit': [
        'What the gym owns. A band measured on the bench is worth three that are estimated by their size.',
        'Due means that a band should be looked at before the next class: for its age, its uses, or the days since somebody looked.',
    ],
    '/staff': ['Owners settle the gym, coaches decide, assistants log. Whoever leaves keeps their name under what they logged.'],
    '/scripts': [
        'A script is let in by a token, for what you choose and for as long as you say. Copy the token when it is made; it is shown once.',
        'A webhook tells a program of yours what happened. Its secret proves that it came from here.',
    ],
    '/audit': ['Who looked at or changed what of health, exported, signed in. Nobody can change this list.'],
    '/mailbox': ['The letters of the demo. In your own gym they go out by the mail server you name.'],
    '/kept': ['What is kept of an athlete, why, who sees it and for how long. Print it for who asks.'],
    '/settings': ['Your account, this device, and what is settled for the whole gym.'],
    '/cautions': ['All cautions in one place. They defer to licensed clinicians, to the makers of your gear and to local codes.'],
};

/** Words as they are used here. */
export const words: readonly (readonly [string, string])[] = [
    ['accessory', 'work beside the pull'],
    ['baseline', 'the first measurements: a hang, and reps on two loads'],
    ['band bench', 'where a band’s pull is measured on a hanging scale'],
    ['builder', 'work for some weeks after the first strict rep, in the place of strict work'],
    ['call', 'what to do next, with its reasons: refer, rest, step down, switch, climb, test or stay'],
    ['caps', 'the most of something in a session or a week'],
    ['carries', 'what the arms carry on average over the pull, as a weight and as a part of bodyweight'],
    ['clean rep', 'one that counts: from straight arms to the bar, without a swing or a kick'],
    ['consent', 'that an athlete or their guardian agreed to what is kept of their health'],
    ['due', 'to be looked at before it is used again'],
    ['gate', 'what has to be done, clean and in so many sessions, before a stage ends'],
    ['hold', 'a position kept for seconds; a hang is one with straight arms'],
    ['house rule', 'a point on which coaches disagree, and what this gym does'],
    ['ladder', 'the set-ups from the one in use to the goal, with the smallest possible steps'],
    ['likely', 'what eight in ten such sets come to'],
    ['lowering', 'the way down alone'],
    [
        'mark',
        'how far the heels of a row stand past the point straight below the rings: further is flatter and harder; below zero is short of it',
    ],
    ['mixed set', 'begun on one set-up and ended, without a rest, on an easier one'],
    ['no-count', 'a rep that does not count, with its reason'],
    ['one rep at', 'the strength of somebody today: the part of bodyweight they pull once'],
    ['reserve', 'reps left at the end of a set'],
    ['refer', 'send to a licensed clinician; no pulling until it is cleared'],
    ['row', 'a pull with the feet on the floor; the flatter the body, the harder'],
    ['rung', 'one set-up for one athlete, with what it carries'],
    ['scope', 'what a token lets a script do'],
    ['screen', 'questions before loading, and what they leave to do'],
    ['set-up', 'what an athlete is put on: bands, a row, foot help, a machine, a weight'],
    ['stage', 'a part of a method, with its own sets and its gate'],
    ['strict', 'without help: the whole bodyweight, from straight arms'],
    ['test, try', 'one fresh strict rep; a miss does no harm'],
    ['token', 'what a script shows instead of signing in'],
    ['webhook', 'an address of a program of yours that is told what happens here'],
];

type Keys = readonly (readonly [string, string])[];

const onFloor: Keys = [
    ['← → ↑ ↓', 'the athlete before, the next one, the row above or below'],
    ['0–9', 'type another count'],
    ['Enter', 'log the count typed, else as asked'],
    ['S', 'hold while they hang or lower, let go to stop'],
    ['N', 'open the sheet of the athlete chosen'],
    ['U', 'undo their last set, for ten seconds'],
    ['/', 'find somebody of the class'],
    ['Esc', 'leave what is open, or the count typed'],
    ['?', 'this guide'],
];

const onPages: Keys = [
    ['0–9', 'set the count of clean reps'],
    ['Enter', 'log the count typed, else the likely one'],
    ['R 0–5', 'reps left in reserve'],
    ['N 1–7', 'a no-count, by its number'],
    ['P', 'pain: the place by its number, then the degree (0 for 10)'],
    ['S', 'hold while they hang, let go to log the seconds'],
    ['U', 'undo the last set, for ten seconds'],
    ['← →', 'the athlete before, the next one'],
    ['/', 'find an athlete'],
    ['Esc', 'leave what is open'],
    ['?', 'this guide'],
];

/** The keys of a page: the floor has its own. */
export const keysOf = (path: string): Keys => (path === '/today' ? onFloor : onPages);
