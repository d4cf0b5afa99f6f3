Order {{ $order->number }} came in, over {{ $order->bill()->total->shown() }}.

@foreach ($order->bill()->lines as $line)
  {{ $line->quantity }} × {!! $line->name !!}{!! $line->choices === '' ? '' : " ({$line->choices})" !!}, {!! $line->sku !!}@if ($line->backOrdered > 0), {{ $line->backOrdered }} of them not on the shelf @endif

@endforeach
@foreach ($order->lines as $line)
@if ($line->attendees)
Who comes to {!! $line->name !!}: {!! implode(', ', $line->attendees) !!}

@endif
@endforeach
@if ($order->comment !== '')
The shopper says:
{!! $order->comment !!}

@endif
The order: {!! $shop->consoleBase() !!}/orders/{{ $order->number }}
