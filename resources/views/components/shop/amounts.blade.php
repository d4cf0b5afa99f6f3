@props(['product', 'name' => 'amount', 'own' => 'own_amount', 'picked' => null, 'typed' => '', 'error' => null])
@php
$amounts = array_map($product->money(...), $product->suggested ?? []) ?: [$product->money($product->price_minor)];
$chosen = $picked ?? $product->money($product->price_minor)->decimal();
$limits = $product->limits();
$id = 'amount-'.$product->id;
@endphp
<fieldset class="option amounts">
<legend>{{ $say->say('amount.how_much') }}</legend>
@foreach ($amounts as $amount)
<label><input type="radio" name="{{ $name }}" value="{{ $amount->decimal() }}" @checked($typed === '' && $chosen === $amount->decimal())><span>{{ $amount->shown() }}</span></label>
@endforeach
</fieldset>
<div class="field">
<label for="{{ $id }}">{{ $say->say('amount.another', currency: $product->currency) }}</label>
<input id="{{ $id }}" name="{{ $own }}" value="{{ $typed }}" inputmode="decimal" autocomplete="off" aria-describedby="{{ $id }}-limits @if ($error) {{ $id }}-error @endif" @if ($error) aria-invalid="true" @endif>
<p class="bill-why" id="{{ $id }}-limits">@if ($limits->min !== null && $limits->max !== null){{ $say->say('amount.from_to', least: $limits->min, most: $limits->max) }}@elseif ($limits->min !== null){{ $say->say('amount.from', least: $limits->min) }}@elseif ($limits->max !== null){{ $say->say('amount.up_to', most: $limits->max) }}@else {{ $say->say('amount.any') }} @endif</p>
@if ($error)<p class="field-error" id="{{ $id }}-error" role="alert">{{ $error }}</p>@endif
</div>
