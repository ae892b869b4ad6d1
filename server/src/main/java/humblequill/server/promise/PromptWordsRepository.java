package humblequill.server.promise;

import org.springframework.data.jpa.repository.JpaRepository;

interface PromptWordsRepository extends JpaRepository<PromptWordsEntity, Integer> {}
