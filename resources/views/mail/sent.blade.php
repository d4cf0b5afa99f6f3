Hello{!! $order->name === '' ? '' : " {$order->name}" !!},

your order {{ $order->number }} at {!! $shop->name !!} is on its way{!! $step->carrier === '' ? '' : " with {$step->carrier}" !!}:

@foreach ($order->bill()->lines as $line)
  {{ $line->quantity }} × {!! $line->name !!}{!! $line->choices === '' ? '' : " ({$line->choices})" !!}

@endforeach
@if ($step->tracking !== '')
Follow the parcel: {!! $step->tracking !!}

@endif
@if ($order->street !== '')
It goes to:
{!! implode("\n", array_map(fn ($line) => "  {$line}", $order->address())) !!}

@endif
The order: {!! $link !!}
