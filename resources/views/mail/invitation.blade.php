Hello {!! $name !!},

{!! $gymName !!} keeps its pull-up training in Steady Rung, and you are invited to work there as {!! $role->value === 'coach' ? 'a coach' : "an {$role->value}" !!}.

Choose a password here. The link works once, for {{ $purpose->hours() / 24 }} days:

{!! $address !!}

If you do not know this gym, do nothing: without a password nobody can sign in as you.
