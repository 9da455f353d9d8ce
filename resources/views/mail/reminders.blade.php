Hello {!! $name !!},

@if ($calls > 0)
{{ $calls }} {{ $calls === 1 ? 'call waits' : 'calls wait' }} to be decided.

@endif
@foreach ($lines as $line)
- {!! $line !!}
@endforeach

Why, and what to do about each:

{!! $address !!}

You chose to have this by mail; change it under Settings, You.
