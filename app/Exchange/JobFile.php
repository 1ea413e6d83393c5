<?php

declare(strict_types=1);

namespace App\Exchange;

use RuntimeException;
use ZipArchive;

/**
 * A whole job as one file: a zip with job.json, as docs/job-file.schema.json describes it, and its pictures beside it. The same job is the same
 * bytes, on any machine and on any day: names in order, no date of the zip’s own, nothing compressed.
 *
 * @phpstan-import-type WholeJob from JobSchema
 */
final class JobFile
{
    public const LARGEST = 128 * 1024 * 1024;

    /** Of job.json alone. */
    private const LONGEST = 48 * 1024 * 1024;

    private const MOST_PICTURES = 2000;

    /** The first day a zip can name, so that none is named. */
    private const NO_TIME = 315_532_800;

    /**
     * @param  array<string, mixed>  $job  as the schema has it
     * @param  array<string, string>  $pictures  bytes by fingerprint
     */
    public static function write(array $job, array $pictures): string
    {
        ksort($pictures);
        $files = [
            'job.json' => json_encode(
                $job, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
            )."\n",
        ];
        foreach ($pictures as $fingerprint => $bytes) {
            $files["pictures/{$fingerprint}"] = $bytes;
        }
        $path = self::temporary();
        try {
            $zip = new ZipArchive;
            $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
            foreach ($files as $name => $bytes) {
                $zip->addFromString($name, $bytes);
                $zip->setCompressionName($name, ZipArchive::CM_STORE);
                $zip->setMtimeName($name, self::NO_TIME);
                $zip->setExternalAttributesName($name, ZipArchive::OPSYS_UNIX, 0o100644 << 16);
            }
            $zip->close();

            return (string) file_get_contents($path);
        } finally {
            @unlink($path);
        }
    }

    /**
     * @return array{WholeJob, array<string, string>} the job as the schema has it, and bytes by fingerprint
     *
     * @throws JobFileRefused when it is none, is damaged, or says what the schema does not allow
     */
    public static function read(string $path): array
    {
        $zip = new ZipArchive;
        if (@$zip->open($path, ZipArchive::RDONLY) !== true) {
            throw JobFileRefused::because(JobFileRefusal::NoJobFile);
        }
        try {
            return self::opened($zip);
        } finally {
            $zip->close();
        }
    }

    /** @return array{WholeJob, array<string, string>} */
    private static function opened(ZipArchive $zip): array
    {
        $sizes = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $stat = $zip->statIndex($i);
            $name = $stat === false ? '' : $stat['name'];
            if (
                $stat === false || isset($sizes[$name]) || ($name !== 'job.json' && preg_match('~^pictures/[0-9a-f]{64}$~', $name) !== 1)
                || $i > self::MOST_PICTURES
            ) {
                throw JobFileRefused::because(JobFileRefusal::StrangeFile, mb_substr(mb_scrub($name), 0, 80));
            }
            $sizes[$name] = $stat['size'];
        }
        // By what the directory says, before a byte is unpacked.
        if (array_sum($sizes) > self::LARGEST || ($sizes['job.json'] ?? 0) > self::LONGEST) {
            throw JobFileRefused::because(JobFileRefusal::TooLarge);
        }
        if (! isset($sizes['job.json'])) {
            throw JobFileRefused::because(JobFileRefusal::NoJobFile);
        }
        $json = self::bytes($zip, 'job.json', self::LONGEST);
        $job = JobSchema::check($json);
        $pictures = [];
        foreach (array_keys($sizes) as $name) {
            if ($name !== 'job.json') {
                $bytes = self::bytes($zip, $name, $sizes[$name]);
                if (hash('sha256', $bytes) !== substr($name, strlen('pictures/'))) {
                    throw JobFileRefused::because(JobFileRefusal::PictureDamaged);
                }
                $pictures[substr($name, strlen('pictures/'))] = $bytes;
            }
        }

        return [$job, $pictures];
    }

    /** No more than was said, whatever comes out of it. */
    private static function bytes(ZipArchive $zip, string $name, int $most): string
    {
        $stream = @$zip->getStream($name);
        $bytes = $stream === false ? false : @stream_get_contents($stream, $most + 1);
        $stream === false || fclose($stream);
        if ($bytes === false || strlen($bytes) > $most) {
            throw JobFileRefused::because(JobFileRefusal::Damaged);
        }

        return $bytes;
    }

    private static function temporary(): string
    {
        $path = tempnam(sys_get_temp_dir(), 'aequus-');

        return $path === false ? throw new RuntimeException('No temporary file can be made.') : $path;
    }
}
