<x-shop.layout :shop="$shop" :title="$say->say('back.title')">
<div class="shop-narrow">
<h1>{{ $say->say('back.title') }}</h1>
@if ($isEnded)
<p class="lead" role="status">{!! $say->html('back.ended', name: '<bdi>'.e($name).'</bdi>') !!}</p>
<p><a href="/">{{ $say->say('notice.see_all') }}</a></p>
@else
<p class="lead">{!! $say->html('back.end_what', name: '<bdi>'.e($name).'</bdi>') !!}</p>
<form method="post" action="/back/{{ $secret }}"><button class="button">{{ $say->say('back.end') }}</button></form>
@endif
</div>
</x-shop.layout>
