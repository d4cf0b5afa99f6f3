Hello{!! $order->name === '' ? '' : " {$order->name}" !!},

we gave you back {{ $order->money($refund->amount_minor)->shown() }} of your order {{ $order->number }} at {!! $shop->name !!}:

{!! implode("\n", $rows) !!}

@if ($refund->reason !== '')
{!! $refund->reason !!}

@endif
It arrives where you paid from, as fast as your bank is.

The order: {!! $link !!}
