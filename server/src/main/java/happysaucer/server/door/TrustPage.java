package happysaucer.server.door;

import java.util.List;

/** What a device is told before it trusts the authority: plain, small, without script. */
final class TrustPage {
  /** For any make of phone; the screens in the app tell the same. */
  static final List<String> STEPS =
      List.of(
          "Compare the fingerprint with the one on the planner's screen, or where the server was"
              + " started. If one pair differs, stop: somebody stands between.",
          "Take the certificate.",
          "Open the settings of this device, search them for “certificate”, and install the file"
              + " as the certificate of an authority (CA). Some devices first show it as a profile"
              + " that was loaded.",
          "Some devices ask once more: under “About”, “Certificate trust”, switch it on.",
          "Come back and open the app.");

  static final String CAUTION =
      "Only devices of the team: who holds the key of this authority could pretend to be any site"
          + " to a device that trusts it. The key stays on the machine of the server. Take the"
          + " certificate off a device that leaves the team.";

  private TrustPage() {}

  /**
   * @param secure address of the app
   */
  static String of(Trust.Own own, String secure) {
    StringBuilder steps = new StringBuilder();
    for (String step : STEPS) {
      steps.append("<li>").append(step).append("</li>");
    }
    return """
        <!doctype html><html lang="en"><head><meta charset="utf-8">
        <meta name="viewport" content="width=device-width,initial-scale=1">
        <title>Trust this server · Happy Saucer</title>
        <style>
        body{font:17px/1.5 Georgia,serif;margin:0 auto;padding:20px;max-width:34rem;background:#f6f0e7;color:#221f1a}
        h1{font-size:1.5rem;border-bottom:4px solid #a85a3e;padding-bottom:8px}
        code{font-size:.95rem;word-break:break-all}
        a{display:inline-block;padding:12px 18px;background:#366b55;color:#fff;text-decoration:none;border-radius:4px;margin:6px 8px 6px 0}
        li{margin:8px 0}.care{border-left:5px solid #b57d12;padding-left:12px}
        </style></head><body><h1>Trust this server</h1>
        <p>Once on this device; then the camera works in the app, and nobody in between reads along.</p>
        <p>Fingerprint (SHA-256):<br><code>%s</code></p>
        <ol>%s</ol>
        <p><a href="/trust/authority.crt">Take the certificate</a> <a href="%s">Open the app</a></p>
        <p class="care">%s</p></body></html>
        """
        .formatted(own.fingerprint(), steps, secure, CAUTION);
  }
}
