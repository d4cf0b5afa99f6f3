<?php

declare(strict_types=1);

namespace PaperKite\Download;

/** What can be shown of goods before they are bought, known by how the file begins and never by its name. */
enum SampleFormat: string
{
    case Jpeg = 'jpg';
    case Png = 'png';
    case Webp = 'webp';
    case Gif = 'gif';
    case Mp3 = 'mp3';
    case Ogg = 'ogg';
    case M4a = 'm4a';
    case Wav = 'wav';
    case Mp4 = 'mp4';
    case Webm = 'webm';
    case Pdf = 'pdf';

    /** In bytes: what has to be looked at. */
    public const START = 1024;

    /** @return self|null `null` for what can't be shown */
    public static function of(string $start): ?self
    {
        return match (true) {
            str_starts_with($start, "\xFF\xD8\xFF") => self::Jpeg,
            str_starts_with($start, "\x89PNG\r\n\x1A\n") => self::Png,
            str_starts_with($start, 'GIF8') => self::Gif,
            str_starts_with($start, 'RIFF') => match (substr($start, 8, 4)) {
                'WEBP' => self::Webp,
                'WAVE' => self::Wav,
                default => null,
            },
            str_starts_with($start, 'OggS') => str_contains($start, 'theora') ? null : self::Ogg,
            substr($start, 4, 4) === 'ftyp' => str_starts_with(substr($start, 8, 4), 'M4A') ? self::M4a : self::Mp4,
            str_starts_with($start, "\x1A\x45\xDF\xA3") => str_contains($start, 'webm') ? self::Webm : null,
            // ISO 32000-1, Annex H: programs look for the mark in the first kilobyte.
            str_contains(substr($start, 0, self::START), '%PDF-') => self::Pdf,
            // ISO 11172-3: eleven bits of one, and a layer; or the tag that stands before the sound.
            str_starts_with($start, 'ID3'), preg_match('/\A\xFF[\xE2-\xE7\xF2-\xF7\xFA-\xFF]/', $start) === 1 => self::Mp3,
            default => null,
        };
    }

    public function kind(): SampleKind
    {
        return match ($this) {
            self::Jpeg, self::Png, self::Webp, self::Gif => SampleKind::Picture,
            self::Mp3, self::Ogg, self::M4a, self::Wav => SampleKind::Audio,
            self::Mp4, self::Webm => SampleKind::Video,
            self::Pdf => SampleKind::Pages,
        };
    }
}
