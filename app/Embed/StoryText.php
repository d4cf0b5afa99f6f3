<?php

declare(strict_types=1);

namespace App\Embed;

use DOMElement;
use DOMNode;
use DOMText;
use Masterminds\HTML5;
use OpenApi\Attributes as OA;

/**
 * A piece of a description. It is told apart, and not as HTML: a page that requires trusted types (W3C Trusted Types) lets
 * nobody write HTML, and what is no element of the list is none here either.
 */
#[OA\Schema(schema: 'StoryText', description: 'A piece of a description: text, or an element with pieces in it.')]
final readonly class StoryText
{
    private const ELEMENTS = ['p', 'br', 'strong', 'em', 'ul', 'ol', 'li', 'h3', 'blockquote', 'a'];

    /** @param  list<self>  $in */
    private function __construct(
        #[OA\Property(description: 'The element; blank: it is text.', enum: ['', 'p', 'br', 'strong', 'em', 'ul', 'ol', 'li', 'h3', 'blockquote', 'a'])]
        public string $as,
        #[OA\Property(description: 'What it says; blank for an element.')]
        public string $text,
        #[OA\Property(description: 'Where a link leads; blank for all else.')]
        public string $href,
        #[OA\Property(description: 'What stands in it.', type: 'array', items: new OA\Items(ref: '#/components/schemas/StoryText'))]
        public array $in,
    ) {}

    /**
     * @param  string  $html  as it was made safe
     * @return list<self>
     */
    public static function listOf(string $html): array
    {
        return $html === '' ? [] : self::pieces((new HTML5)->loadHTMLFragment($html));
    }

    /** @return list<self> */
    private static function pieces(DOMNode $node): array
    {
        $pieces = [];
        foreach ($node->childNodes as $child) {
            if ($child instanceof DOMText) {
                $pieces[] = new self('', $child->data, '', []);
            } elseif ($child instanceof DOMElement) {
                $href = $child->getAttribute('href');
                array_push($pieces, ...match (true) {
                    ! in_array($child->nodeName, self::ELEMENTS, true) => self::pieces($child),
                    // A link that leads nowhere is what it says.
                    $child->nodeName === 'a' && preg_match('~\A(https?://|mailto:)~i', $href) !== 1 => self::pieces($child),
                    default => [new self($child->nodeName, '', $child->nodeName === 'a' ? $href : '', self::pieces($child))],
                });
            }
        }

        return $pieces;
    }
}
