<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/**
 * Two to four offers side by side, as HTML that stands on its own: no script, no style sheet. Each column is one offer, one
 * may be stressed; what they say of one thing stands on one line across them (CSS Grid Level 2, subgrid). Where the page is
 * narrow they stand below each other.
 */
final readonly class PriceTable
{
    public const FEWEST = 2;

    public const MOST = 4;

    private const TABLE = [
        'display' => 'grid',
        // A column is never wider than the page, nor narrower than its words need.
        'grid-template-columns' => 'repeat(auto-fit,minmax(min(100%,190px),1fr))',
        'gap' => '16px',
        'margin' => '0',
        'padding' => '0',
        'list-style' => 'none',
    ];

    /**
     * @param  list<TableColumn>  $columns
     * @param  int|null  $stressed  the column that stands out
     * @param  string  $badge  what stands above that column; blank: nothing
     */
    public function __construct(
        private string $name,
        private array $columns,
        private ?int $stressed,
        private string $badge = '',
    ) {}

    public function html(): string
    {
        $rows = TableRows::of($this->columns, $this->stressed !== null && $this->badge !== '');
        $columns = '';
        foreach ($this->columns as $index => $column) {
            $isStressed = $index === $this->stressed;
            $columns .= Markup::open('li', ['style' => Markup::style($this->frame($column->placed, $isStressed, $rows))]).$column->html($rows, $isStressed ? $this->badge : '').'</li>';
        }

        return Markup::open('ul', ['aria-label' => $this->name, 'style' => Markup::style(self::TABLE)]).$columns.'</ul>';
    }

    /** @return array<string, string> values of CSS by property */
    private function frame(Placed $placed, bool $isStressed, TableRows $rows): array
    {
        return [
            'display' => 'grid',
            'grid-row' => "span {$rows->count()}",
            'grid-template-rows' => 'subgrid',
            'gap' => '8px',
            'align-content' => 'start',
            'justify-items' => 'start',
            'margin' => '0',
            'padding' => $isStressed ? '15px 20px 20px' : '20px',
            'border-top' => $isStressed ? "6px solid {$placed->look->fill->hex()}" : '1px solid currentColor',
            'box-sizing' => 'border-box',
            'min-width' => '0',
            ...($isStressed ? ['box-shadow' => '0 1px 10px rgba(24,34,45,.18)'] : []),
        ];
    }
}
