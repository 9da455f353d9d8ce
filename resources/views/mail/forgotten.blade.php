Hello {!! $name !!},

Somebody, probably you, asked for a new password at {!! $gymName !!}.

Choose it here. The link works once, for one hour:

{!! $address !!}

If it was not you, do nothing: the old password stays.
