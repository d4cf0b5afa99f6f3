Order {{ $order->number }} came in, over {{ $order->money($order->total_minor)->shown() }}.

@foreach ($order->lines as $line)
  {{ $line->quantity }} × {!! $line->name !!}{!! $line->choices === '' ? '' : " ({$line->choices})" !!}, {!! $line->sku !!}@if ($line->back_ordered > 0), {{ $line->back_ordered }} of them not on the shelf @endif

@endforeach
@if ($order->comment !== '')
The shopper says:
{!! $order->comment !!}

@endif
It stands in the list of orders of {!! $shop->name !!}.
