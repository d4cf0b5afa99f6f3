<x-shop.layout :shop="$shop" :title="$say->say('link.go_on')">
<div class="shop-narrow">
<h1>{{ $say->say('link.heading') }}</h1>
<p class="lead">{{ $say->say('link.good') }}</p>
<form method="post" action="/link/{{ $token }}"><button class="button">{{ $say->say('link.go_on') }}</button></form>
</div>
</x-shop.layout>
