@props(['question', 'id', 'name' => 'amount', 'own' => 'own_amount', 'picked' => null, 'typed' => '', 'error' => null])
@php $chosen = $picked ?? $question->usual->decimal(); @endphp
<fieldset class="option amounts">
<legend>{{ $say->say('amount.how_much') }}</legend>
@foreach ($question->suggested as $amount)
<label><input type="radio" name="{{ $name }}" value="{{ $amount->decimal() }}" @checked($typed === '' && $chosen === $amount->decimal())><span>{{ $amount->shown() }}</span></label>
@endforeach
</fieldset>
@if ($question->isFree())
<div class="field">
<label for="{{ $id }}">{{ $say->say('amount.another', currency: $question->currency->code) }}</label>
<input id="{{ $id }}" name="{{ $own }}" value="{{ $typed }}" inputmode="decimal" autocomplete="off" aria-describedby="{{ $id }}-limits @if ($error) {{ $id }}-error @endif" @if ($error) aria-invalid="true" @endif>
<p class="bill-why" id="{{ $id }}-limits">{{ $question->limits($say) }}</p>
@if ($error)<p class="field-error" id="{{ $id }}-error" role="alert">{{ $error }}</p>@endif
</div>
@elseif ($error)
<p class="field-error" role="alert">{{ $error }}</p>
@endif
