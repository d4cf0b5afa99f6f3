<x-shop.layout :shop="$shop" :title="$title">
<div class="shop-narrow rich">
<h1>{{ $title }}</h1>
{{-- Sanitised when it was saved, to the few elements that a text needs. --}}
{!! $html !!}
</div>
</x-shop.layout>
