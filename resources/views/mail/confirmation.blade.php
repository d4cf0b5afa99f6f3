@php
$lines = [];
foreach ($order->lines as $line) {
    $lines[] = "  {$line->quantity} × {$line->name}".($line->choices === '' ? '' : " ({$line->choices})").": {$order->money($line->subtotal_minor)->shown()}";
}
if ($order->discount_minor > 0) {
    $lines[] = "  Discount: −{$order->money($order->discount_minor)->shown()}";
}
$lines[] = "  Shipping: {$order->money($order->shipping_minor)->shown()}";
if ($order->tax_minor > 0) {
    $lines[] = '  '.($order->tax_is_contained ? 'Tax in it' : 'Tax').": {$order->money($order->tax_minor)->shown()}";
}
$lines[] = "  Total: {$order->money($order->total_minor)->shown()}";
@endphp
Hello {!! $order->name !!},

thank you for your order {{ $order->number }} at {!! $shop->name !!}.

{!! implode("\n", $lines) !!}

It goes to:
  {!! $order->name !!}
  {!! $order->street !!}
  {!! trim("{$order->postcode} {$order->town}") !!}

The order for a day from now: {!! $link !!}
