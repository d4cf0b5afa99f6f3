<x-shop.layout :shop="$shop" title="Your orders">
<div class="shop-narrow">
<h1>Your orders</h1>
<p>Signed in as <strong>{{ $email }}</strong>. The checkout is filled in for you.</p>
<ul class="orders">
@foreach ($orders as $order)
<li><span>Order {{ $order->number }}</span><span>{{ $order->placed_at->setTimezone($shop->zone())->format('j F Y') }}</span><span>{{ $order->money($order->total_minor)->shown() }}</span></li>
@endforeach
</ul>
@if ($orders->hasPages())
<nav class="pages" aria-label="Pages">
@if ($orders->previousPageUrl())<a rel="prev" href="?page={{ $orders->currentPage() - 1 }}">Later orders</a>@endif
@if ($orders->nextPageUrl())<a rel="next" href="?page={{ $orders->currentPage() + 1 }}">Earlier orders</a>@endif
</nav>
@endif
<form method="post" action="/account/sign-out"><button class="plain">Sign out</button></form>
</div>
</x-shop.layout>
