@props(['options', 'chosen', 'name'])
@foreach ($options as $i => $option)
<fieldset class="option">
<legend dir="auto">{{ $option->name }}</legend>
@foreach ($option->choices as $choice)
<label><input type="radio" name="{{ $name }}[{{ $i }}]" value="{{ $choice->name }}" @checked(($chosen[$i] ?? '') === $choice->name)><span dir="auto">{{ $choice->name }}</span></label>
@endforeach
</fieldset>
@endforeach
