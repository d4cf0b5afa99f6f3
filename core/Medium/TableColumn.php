<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/** A column of a price table: what it is called, what is said of it, what it costs, and its button. */
final readonly class TableColumn
{
    public function __construct(
        public Placed $placed,
        public ColumnWords $words,
    ) {}

    public function html(TableRows $rows, string $badge): string
    {
        return $this->badge($rows, $badge).$this->name($rows).$this->lines($rows).$this->price($rows).$this->button($rows);
    }

    public function tellsPrice(): bool
    {
        return $this->placed->partner === null ? $this->placed->price !== null : $this->placed->partner->price !== '';
    }

    private function badge(TableRows $rows, string $badge): string
    {
        $look = $this->placed->look;
        $drawn = ['padding' => '2px 10px', 'background-color' => $look->fill->hex(), 'color' => $look->ink->hex(), 'font-size' => '.85em', 'font-weight' => '600', 'border-radius' => '99px'];

        return $badge === '' ? '' : self::cell('p', $rows->badge, $drawn, Markup::escaped($badge));
    }

    private function name(TableRows $rows): string
    {
        $said = implode('<br>', array_map(Markup::escaped(...), $this->names()));

        return self::cell('p', $rows->name, ['font-size' => '1.15em', 'font-weight' => '600', 'line-height' => '1.25'], $said);
    }

    private function lines(TableRows $rows): string
    {
        $lines = '';
        foreach ($this->words->lines as $row => $line) {
            // A row that is kept free has no point in a list.
            $lines .= $line === '' ? '' : self::cell('li', $row + 1, [], Markup::escaped($line));
        }
        $style = ['display' => 'grid', 'grid-row' => "{$rows->lines} / span {$rows->lineCount}", 'grid-template-rows' => 'subgrid', 'gap' => '4px', 'margin' => '0', 'padding' => '0', 'list-style' => 'none', 'min-width' => '0'];

        return $lines === '' ? '' : Markup::open('ul', ['style' => Markup::style($style)]).$lines.'</ul>';
    }

    private function price(TableRows $rows): string
    {
        if (! $this->tellsPrice()) {
            return '';
        }
        if ($this->placed->partner !== null) {
            return self::cell('p', $rows->price, [], Markup::escaped($this->placed->partner->price));
        }
        $note = $this->placed->priceNote === '' ? '' : ' '.Markup::open('small', ['style' => 'font-size:.55em;font-weight:400']).Markup::escaped($this->placed->priceNote).'</small>';

        return self::cell('p', $rows->price, ['font-size' => '1.6em', 'font-weight' => '600', 'line-height' => '1.2'], Markup::escaped($this->placed->price?->shown() ?? '').$note);
    }

    /** Its name tells which column it belongs to, where its words are the same in all. */
    private function button(TableRows $rows): string
    {
        $placed = $this->placed;
        $caption = $placed->look->picture->text ?? $placed->caption;
        $button = (new HtmlButton)->snippet($placed, "{$caption}: ".implode(', ', $this->names()));

        return Markup::open('div', ['style' => Markup::style(['grid-row' => (string) $rows->button, 'margin-top' => '4px', 'max-width' => '100%', 'min-width' => '0', 'width' => '100%'])]).$button.'</div>';
    }

    /** @return list<string> */
    private function names(): array
    {
        return $this->words->name !== '' ? [$this->words->name] : array_map(
            static fn (PlacedGoods $each): string => ($each->quantity === 1 ? '' : "{$each->quantity} × ").$each->name,
            $this->placed->goods,
        );
    }

    /** @param  array<string, string>  $style  of CSS by property, besides its row */
    private static function cell(string $element, ?int $row, array $style, string $html): string
    {
        return Markup::open($element, ['dir' => 'auto', 'style' => Markup::style(['grid-row' => $row === null ? null : (string) $row, 'margin' => '0', 'overflow-wrap' => 'anywhere', 'min-width' => '0', ...$style])]).$html.'</'.$element.'>';
    }
}
