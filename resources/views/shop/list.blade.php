<x-shop.layout :shop="$shop" title="All goods">
<h1>Everything in the shop</h1>
@if ($products->isEmpty())
<p class="lead">The shelves are empty for now.</p>
@else
<x-shop.goods :products="$products" />
@if ($products->hasPages())
<nav class="pages" aria-label="Pages">
@if ($products->previousPageUrl())<a rel="prev" href="?page={{ $products->currentPage() - 1 }}">Earlier goods</a>@endif
@if ($products->nextPageUrl())<a rel="next" href="?page={{ $products->currentPage() + 1 }}">More goods</a>@endif
</nav>
@endif
@endif
</x-shop.layout>
