package happysaucer.server.method;

import happysaucer.server.team.CurrentUser;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
public class MethodController {
  private final Methods methods;
  private final CurrentUser user;

  MethodController(Methods methods, CurrentUser user) {
    this.methods = methods;
    this.user = user;
  }

  @GetMapping("/api/method")
  Methods.MethodPage page() {
    return methods.page();
  }

  @PutMapping("/api/method")
  @Transactional
  public Methods.MethodPage choose(@RequestBody Methods.ChoiceRequest request) {
    methods.choose(request);
    return methods.page();
  }

  @PostMapping("/api/method/effect")
  Methods.EffectView effect(@RequestBody Methods.EffectRequest request) {
    return methods.effect(request, user.units());
  }
}
