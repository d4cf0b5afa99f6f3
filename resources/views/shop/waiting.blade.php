<x-shop.layout :shop="$shop" title="One moment">
<div class="shop-narrow" role="status">
<h1>Waiting for the payment</h1>
<p class="lead">The payment provider has not confirmed the payment yet. This page asks again every few seconds; you can also close it, and the order is made all the same.</p>
</div>
</x-shop.layout>
