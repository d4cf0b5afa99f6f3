<x-shop.layout :shop="$shop" title="Go on">
<div class="shop-narrow">
<h1>One more step</h1>
<p class="lead">The link you were mailed is good. It works once.</p>
<form method="post" action="/link/{{ $token }}"><button class="button">Go on</button></form>
</div>
</x-shop.layout>
