<x-shop.layout :shop="$shop" :title="$say->say('waiting.title')">
<div class="shop-narrow" role="status">
<h1>{{ $say->say('waiting.heading') }}</h1>
<p class="lead">{{ $say->say('waiting.text') }}</p>
</div>
</x-shop.layout>
