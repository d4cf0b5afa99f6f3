@props(['buttons'])
<div class="goods-buttons">
@foreach ($buttons as $button)
<button @class(['button', 'quiet' => ! $loop->first]) name="to" value="{{ $button->destination->value }}" data-working="{{ $button->working }}" data-added="{{ $button->added }}" dir="auto">{{ $button->caption }}</button>
@endforeach
</div>
<p class="field-error" role="alert" data-refused hidden></p>
