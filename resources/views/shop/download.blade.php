<x-shop.layout :shop="$shop" :title="$say->say('download.title', name: $download->line->name)">
<div class="shop-narrow">
<h1 dir="auto">{{ $download->line->name }}</h1>
@if ($download->line->choices !== '')<p class="stock" dir="auto">{{ $download->line->choices }}</p>@endif
<p class="lead">{{ $say->say('download.of', number: (string) $download->order->number) }}@if ($refusal === null && $files !== []) {{ $say->say('download.until', day: $day) }}@endif</p>
@if ($refusal !== null)
<p class="notice" role="status">{{ $say->say($refusal, shop: $shop->name) }}</p>
@elseif ($files === [])
<p class="notice" role="status">{{ $say->say('download.no_files', shop: $shop->name) }}</p>
@else
<ul class="downloads">
@foreach ($files as $file)
<li>
<p class="download-name"><bdi>{{ $file['name'] }}</bdi> <span class="bill-count">{{ $file['size'] }}</span></p>
<p class="bill-why" id="left-{{ $file['id'] }}">@if ($file['left'] === 0){{ $say->say('download.none_left', most: $download->most, shop: $shop->name) }}@elseif ($file['left'] === 1){{ $say->say('download.left_one') }}@else{{ $say->say('download.left_some', left: $file['left'], most: $download->most) }}@endif</p>
<form method="post" action="/download/{{ $secret }}" data-keeps>
<input type="hidden" name="file" value="{{ $file['id'] }}">
<button class="button" aria-label="{{ $say->say('download.get', name: $file['name']) }}" aria-describedby="left-{{ $file['id'] }}">{{ $say->say('download.get', name: '') }}</button>
</form>
</li>
@endforeach
</ul>
<p class="bill-why">{{ $say->say('download.counts') }}</p>
@endif
</div>
</x-shop.layout>
