@include('shop.parts.product')
