<?php

declare(strict_types=1);

namespace PaperKite\Text;

/**
 * JSON that may stand in a script element.
 *
 * @see https://html.spec.whatwg.org/multipage/scripting.html#restrictions-for-contents-of-script-elements
 */
final class ScriptJson
{
    // Nothing in a script element may look like its end, or like a comment.
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_HEX_TAG | JSON_HEX_AMP | JSON_INVALID_UTF8_SUBSTITUTE;

    /** @param  array<mixed>  $document */
    public static function of(array $document): string
    {
        return json_encode($document, self::FLAGS);
    }
}
