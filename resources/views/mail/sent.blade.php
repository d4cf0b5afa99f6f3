Hello {!! $order->name !!},

your order {{ $order->number }} at {!! $shop->name !!} is on its way{!! $step->carrier === '' ? '' : " with {$step->carrier}" !!}:

@foreach ($order->bill()->lines as $line)
  {{ $line->quantity }} × {!! $line->name !!}{!! $line->choices === '' ? '' : " ({$line->choices})" !!}

@endforeach
@if ($step->tracking !== '')
Follow the parcel: {!! $step->tracking !!}

@endif
It goes to:
  {!! $order->name !!}
  {!! $order->street !!}
  {!! trim("{$order->postcode} {$order->town}") !!}

The order: {!! $link !!}
