<x-shop.layout :shop="$shop" :title="$say->say('account.title')">
<div class="shop-narrow">
<h1>{{ $say->say('account.title') }}</h1>
<p>{!! $say->html('account.signed_in', email: '<strong>'.e($email).'</strong>') !!}</p>
<ul class="orders">
@foreach ($orders as $order)
<li><a href="/thanks/{{ $order->token }}">{{ $say->say('thanks.order', number: (string) $order->number) }}</a><span>{{ $say->dates()->date($order->placedAt(), $shop->zone()) }}</span><span>{{ $order->money($order->total_minor)->shown() }}</span></li>
@endforeach
</ul>
@if ($orders->hasPages())
<nav class="pages" aria-label="{{ $say->say('list.pages') }}">
@if ($orders->previousPageUrl())<a rel="prev" href="?page={{ $orders->currentPage() - 1 }}">{{ $say->say('account.later') }}</a>@endif
@if ($orders->nextPageUrl())<a rel="next" href="?page={{ $orders->currentPage() + 1 }}">{{ $say->say('account.earlier') }}</a>@endif
</nav>
@endif
<form method="post" action="/account/sign-out"><button class="plain">{{ $say->say('account.sign_out') }}</button></form>
</div>
</x-shop.layout>
