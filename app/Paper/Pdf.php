<?php

declare(strict_types=1);

namespace App\Paper;

use App\Site\DerivedCache;
use App\Site\JobSite;
use App\Site\Provenance;
use App\Type\Say;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;

/** A sheet of its own template as PDF; nothing is fetched for it from anywhere. What says the same is made once, and kept. */
final class Pdf
{
    /** @param  string  $foot  before the number of each page; empty for pages without */
    public static function of(JobSite $site, View $view, Paper $paper, string $name, string $foot = ''): Response
    {
        $html = self::stamped($view->render(), (new Provenance($site))->lines());
        $bytes = Cache::remember(
            DerivedCache::PREFIX.'pdf.'.hash('xxh128', "{$paper->value} {$foot} {$html}"), now()->addMonth(),
            fn () => self::made($html, $paper, $foot),
        );

        return new Response($bytes, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"{$name}.pdf\""]);
    }

    /**
     * What a job is not, at the foot of every page.
     *
     * @param  list<string>  $lines
     */
    private static function stamped(string $html, array $lines): string
    {
        $stamp = '<div style="position: fixed; left: 4mm; right: 4mm; bottom: 1mm; font-size: 8pt; font-weight: bold; text-align: '
            .'center;">'.e(implode(' ', $lines)).'</div>';

        return $lines === [] ? $html : (string) preg_replace('/<body[^>]*>/', '$0'.addcslashes($stamp, '\\$'), $html, 1);
    }

    private static function made(string $html, Paper $paper, string $foot): string
    {
        $options = new Options;
        $folder = config('aequus.data').'/cache';
        $options->setFontDir($folder)->setFontCache($folder)->setTempDir(sys_get_temp_dir())->setChroot(base_path())->setDefaultFont('DejaVu Sans')->setIsRemoteEnabled(false)->setIsPhpEnabled(false);
        $pdf = new Dompdf($options);
        $pdf->setPaper($paper->value);
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();
        if ($foot !== '') {
            // How many pages there are is known only now.
            $pdf->getCanvas()->page_text(
                40, $pdf->getCanvas()->get_height() - 30, Say::text('packet.page', foot: $foot, of: '{PAGE_NUM} / {PAGE_COUNT}'),
                (string) $pdf->getFontMetrics()->getFont('DejaVu Sans'), 8,
            );
        }

        return (string) $pdf->output();
    }
}
