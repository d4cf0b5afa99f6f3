<x-shop.layout :shop="$shop" :title="$shelf->name">
@if ($wasAdded)<p class="notice" role="status">{{ $say->say('list.added') }} <a href="/cart">{{ $say->say('list.see_cart') }}</a></p>@endif
<h1 dir="auto">{{ $shelf->name }}</h1>
@if ($products->isEmpty())
<p class="lead">{{ $say->say('list.empty') }}</p>
@else
<x-shop.goods :products="$products" :shop="$shop" :country="$country" :code="$code" has-buttons />
<x-shop.pages :pages="$products" />
@endif
</x-shop.layout>
