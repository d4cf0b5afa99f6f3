<x-shop.layout :shop="$shop" title="Thank you">
<div class="two-columns">
<section>
<h1>Thank you, <bdi>{{ $order->name }}</bdi></h1>
<p class="lead">Your order <strong>{{ $order->number }}</strong> is made. {{ $order->captured_at === null ? 'The payment is authorised.' : 'The payment has arrived.' }}</p>
<h2>It goes to</h2>
<address dir="auto">{{ $order->name }}<br>{{ $order->street }}<br>{{ trim("{$order->postcode} {$order->town}") }}<br>{{ $country }}</address>
<p><a href="/">Back to the shop</a></p>
</section>
<section class="slip" aria-label="The receipt">
<dl class="bill">
@foreach ($order->lines as $line)
<div><dt><bdi>{{ $line->name }}</bdi>@if ($line->quantity > 1) <span class="bill-count">{{ $line->quantity }} × {{ $order->money($line->unit_minor)->shown() }}</span>@endif</dt><dd>{{ $order->money($line->subtotal_minor)->shown() }}</dd></div>
@endforeach
<div class="bill-rule"><dt>Shipping <span class="bill-why">{{ $order->shipping_because }}</span></dt><dd>{{ $order->money($order->shipping_minor)->shown() }}</dd></div>
<div class="bill-total"><dt>Paid</dt><dd>{{ $order->money($order->total_minor)->shown() }}</dd></div>
</dl>
@if ($payNotice)<p class="pay-notice">{{ $payNotice }}</p>@endif
</section>
</div>
</x-shop.layout>
