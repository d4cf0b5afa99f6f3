<x-shop.layout :shop="$shop" :title="$say->say('thanks.title')">
@include('shop.parts.thanks')
</x-shop.layout>
