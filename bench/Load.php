<?php

declare(strict_types=1);

namespace Bench;

use CurlHandle;
use Tests\Browser\Support\Studio;

/** Several people at once, each a page a second. */
final class Load
{
    /**
     * @param  list<string>  $paths
     * @return array<string, list<float>> ms by path; a page that failed counts as a minute
     */
    public static function pages(Studio $studio, array $paths, int $clients, int $seconds): array
    {
        $multi = curl_multi_init();
        $times = array_fill_keys($paths, []);
        $due = [];
        for ($client = 0; $client < $clients; $client++) {
            for ($second = 0; $second < $seconds; $second++) {
                $due[] = [$second + $client / $clients, $paths[($client * 3 + $second) % count($paths)]];
            }
        }
        sort($due);
        $begin = microtime(true);
        $running = [];
        while ($due !== [] || $running !== []) {
            while ($due !== [] && $due[0][0] <= microtime(true) - $begin) {
                [, $path] = array_shift($due);
                $curl = curl_init($studio->url($path));
                curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_ENCODING => '', CURLOPT_TIMEOUT => 60]);
                curl_multi_add_handle($multi, $curl);
                $running[(int) spl_object_id($curl)] = $path;
            }
            curl_multi_exec($multi, $active);
            curl_multi_select($multi, 0.005);
            while (is_array($done = curl_multi_info_read($multi))) {
                $curl = $done['handle'];
                assert($curl instanceof CurlHandle);
                $ok = curl_getinfo($curl, CURLINFO_RESPONSE_CODE) === 200;
                $times[$running[(int) spl_object_id($curl)]][] = $ok ? 1000 * curl_getinfo($curl, CURLINFO_TOTAL_TIME) : 60_000.0;
                unset($running[(int) spl_object_id($curl)]);
                curl_multi_remove_handle($multi, $curl);
            }
        }

        return $times;
    }
}
