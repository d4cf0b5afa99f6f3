@props(['product', 'name' => 'amount', 'own' => 'own_amount', 'picked' => null, 'typed' => '', 'error' => null])
@php
$amounts = array_map($product->money(...), $product->suggested ?? []) ?: [$product->money($product->price_minor)];
$chosen = $picked ?? $product->money($product->price_minor)->decimal();
$limits = $product->limits();
$id = 'amount-'.$product->id;
@endphp
<fieldset class="option amounts">
<legend>How much</legend>
@foreach ($amounts as $amount)
<label><input type="radio" name="{{ $name }}" value="{{ $amount->decimal() }}" @checked($typed === '' && $chosen === $amount->decimal())><span>{{ $amount->shown() }}</span></label>
@endforeach
</fieldset>
<div class="field">
<label for="{{ $id }}">Another amount, {{ $product->currency }}</label>
<input id="{{ $id }}" name="{{ $own }}" value="{{ $typed }}" inputmode="decimal" autocomplete="off" aria-describedby="{{ $id }}-limits @if ($error) {{ $id }}-error @endif" @if ($error) aria-invalid="true" @endif>
<p class="bill-why" id="{{ $id }}-limits">@if ($limits->min !== null && $limits->max !== null){{ $limits->min->shown() }} to {{ $limits->max->shown() }}@elseif ($limits->min !== null)From {{ $limits->min->shown() }}@elseif ($limits->max !== null)Up to {{ $limits->max->shown() }}@else As much as you like @endif</p>
@if ($error)<p class="field-error" id="{{ $id }}-error" role="alert">{{ $error }}</p>@endif
</div>
