@props(['cart', 'quantities' => [], 'errors' => []])
<ul class="lines">
@foreach ($cart->lines as $line)
@php $core = $line->toCore(); $error = $errors[$line->id] ?? null; @endphp
<li class="line">
<img src="{{ $core->product->picture->path() }}" alt="" width="72" height="72">
<div class="line-what">
<a href="/p/{{ rawurlencode($line->product->sku) }}" dir="auto">{{ $line->product->name }}</a>
<span class="line-unit">{{ $core->product->price->shown() }} each</span>
</div>
<div class="line-count">
<label class="visually-hidden" for="quantity-{{ $line->id }}">Quantity of {{ $line->product->name }}</label>
<input id="quantity-{{ $line->id }}" name="quantity[{{ $line->id }}]" value="{{ $quantities[$line->id] ?? $line->quantity }}" inputmode="numeric" autocomplete="off" data-quantity @if ($error) aria-invalid="true" aria-describedby="line-error-{{ $line->id }}" @endif>
<button class="plain" name="remove" value="{{ $line->id }}" aria-label="Remove {{ $line->product->name }}">Remove</button>
</div>
<span class="line-sum">{{ $core->product->price->multipliedBy($line->quantity)->shown() }}</span>
@if ($error)
<p class="field-error line-error" id="line-error-{{ $line->id }}">{{ $error }}</p>
@endif
</li>
@endforeach
</ul>
